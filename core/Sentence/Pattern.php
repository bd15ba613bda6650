<?php

declare(strict_types=1);

namespace Runel\Sentence;

/**
 * A way of saying something, as a row of words with places for mathematics: see English. It is matched against a
 * skeleton: a text in which words are in lower case and a run of mathematics is its kind (L a letter, N a number, E an
 * equation, X anything else) and its number, each piece with a space before it.
 */
final readonly class Pattern
{
    private function __construct(private string $expression) {}

    public static function of(string $row): self
    {
        return new self(implode('', array_map(self::item(...), explode(' ', $row))));
    }

    /** Whether every word that the row cannot do without stands in the skeleton: most rows are passed over by that. */
    public static function mayBe(string $row, string $skeleton): bool
    {
        foreach (explode(' ', $row) as $item) {
            if (preg_match('/^[a-z][a-z]+$/', $item) === 1 && !str_contains($skeleton, " $item")) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether it says all of the skeleton.
     *
     * @return array<string, int>|null the runs it names, by their names
     */
    public function whole(string $skeleton): ?array
    {
        return preg_match("/^$this->expression $/", $skeleton, $match) === 1 ? self::runs($match) : null;
    }

    /**
     * Where it stands in the skeleton first.
     *
     * @return array{string, int, array<string, int>, string}|null the match, the place of its first byte, the runs it
     *                                                             names, the number that is said in words
     */
    public function first(string $skeleton): ?array
    {
        $isThere = preg_match("/$this->expression(?= )/", $skeleton, $match, \PREG_OFFSET_CAPTURE) === 1;
        if (!$isThere || $match[0][0] === '') {
            return null;
        }
        $texts = array_map(static fn(array $one): string => $one[0], $match);

        return [$match[0][0], $match[0][1], self::runs($texts), $texts['word'] ?? ''];
    }

    private static function item(string $item): string
    {
        $isOptional = str_starts_with($item, '?');
        $isRepeated = str_ends_with($item, '*');
        $bare = rtrim(ltrim($item, '?'), '*');
        $unit = '(?: (?:' . self::alternatives($bare) . ')(?= ))';

        return $unit . ($isRepeated ? '*' : ($isOptional ? '?' : ''));
    }

    private static function alternatives(string $item): string
    {
        $words = preg_match('/^\{([a-z]+)\}$/', $item, $match) === 1
            ? explode(' ', English::SETS[$match[1]])
            : explode('|', $item);

        return implode('|', array_map(
            static fn(string $word): string => self::run($word) ?? preg_quote($word, '/'),
            $words,
        ));
    }

    /** A place for mathematics, as in M:a; null for a word. */
    private static function run(string $item): ?string
    {
        if (preg_match('/^([LNEM])(?::([a-z]))?$/', $item, $match) !== 1) {
            return null;
        }
        $kinds = $match[1] === 'M' ? '[LNEX]' : $match[1];
        $name = $match[2] ?? '';
        $number = $name === '' ? '\d+' : "(?<$name>\\d+)";
        $words = $match[1] === 'N' ? '|(?<word>' . implode('|', array_keys(English::NUMBERS)) . ')' : '';

        return "$kinds$number$words";
    }

    /**
     * @param array<array-key, string> $match
     *
     * @return array<string, int>
     */
    private static function runs(array $match): array
    {
        $runs = [];
        foreach ($match as $name => $text) {
            if (\is_string($name) && $name !== 'word' && $text !== '') {
                $runs[$name] = (int) $text;
            }
        }

        return $runs;
    }
}
