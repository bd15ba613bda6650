<?php

declare(strict_types=1);

namespace Runel\Marking;

/** A line as people write it, made ready to be read: its margin blanked, every character at its place. */
final class Handwriting
{
    /** Two columns: x = 8     x = −1. */
    private const COLUMNS = '/^(\s*[^=]*=[^=]*?\S)(\s{3,}|\s*\|\s*)(\p{L}[^=|]*=[^=]*)$/u';
    private const APPROXIMATE = '/≈|≃|≅|~(?=\s*-?\d)/u';

    /** @param array<string, true> $letters those of the problem, by name */
    public static function plain(string $typed, array $letters): string
    {
        foreach ([PageWords::DONE, PageWords::ONLY, PageWords::LABEL] as $aside) {
            $typed = self::blanked($typed, $aside);
        }
        $typed = (string) preg_replace_callback(
            self::COLUMNS,
            static fn(array $match): string => $match[1] . (mb_strlen($match[2]) < 4
                ? ' or '
                : str_pad(' or ', mb_strlen($match[2]))) . $match[3],
            $typed,
        );
        $typed = (string) preg_replace(self::APPROXIMATE, '=', $typed);
        // A capital at the beginning of a line, or one that the keyboard has made.
        if (isset($letters['x']) && !isset($letters['X']) && !str_contains($typed, 'x')) {
            $typed = str_replace('X', 'x', $typed);
        }

        return $typed;
    }

    public static function isApproximate(string $typed): bool
    {
        return preg_match(self::APPROXIMATE, $typed) === 1;
    }

    private static function blanked(string $typed, string $pattern): string
    {
        return (string) preg_replace_callback(
            $pattern,
            static fn(array $match): string => str_repeat(' ', mb_strlen($match[0])),
            $typed,
        );
    }
}
