<?php

declare(strict_types=1);

namespace App\Faces;

/**
 * What has changed from one state of a figure to the next, as a JSON Patch (RFC 6902): a figure of n² cells that is
 * filled cell by cell is written once, and each step then says what it has added.
 */
final readonly class FigureChanges
{
    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     *
     * @return list<array{op: 'add'|'remove'|'replace', path: string, value?: mixed}> in the order to be done in
     */
    public static function between(array $before, array $after): array
    {
        return self::changes($before, $after, '');
    }

    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     *
     * @return list<array{op: 'add'|'remove'|'replace', path: string, value?: mixed}>
     */
    private static function changes(array $before, array $after, string $path): array
    {
        $changes = [];
        foreach ($after as $key => $value) {
            $place = self::pointer($path, $key);
            $old = $before[$key] ?? null;
            if (!\array_key_exists($key, $before)) {
                $changes[] = ['op' => 'add', 'path' => $place, 'value' => $value];
            } elseif (\is_array($value) && \is_array($old) && self::areAlike($old, $value)) {
                array_push($changes, ...self::changes($old, $value, $place));
            } elseif ($value !== $old) {
                $changes[] = ['op' => 'replace', 'path' => $place, 'value' => $value];
            }
        }
        // From the end of a list, so that the numbers of the others stay.
        foreach (array_reverse(array_keys(array_diff_key($before, $after))) as $key) {
            $changes[] = ['op' => 'remove', 'path' => self::pointer($path, $key)];
        }

        return $changes;
    }

    private static function pointer(string $path, string|int $key): string
    {
        return "$path/" . strtr((string) $key, ['~' => '~0', '/' => '~1']);
    }

    /**
     * Two lists or two maps: an empty one is written as a list, whatever it may become.
     *
     * @param array<array-key, mixed> $one
     * @param array<array-key, mixed> $other
     */
    private static function areAlike(array $one, array $other): bool
    {
        return $one !== [] && $other !== [] && array_is_list($one) === array_is_list($other);
    }
}
