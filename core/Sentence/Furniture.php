<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** What stands around a problem on paper and is none of it: its number, its marks, signs around mathematics. */
final class Furniture
{
    private const NUMBERS = [
        '/^\s*(?:part|section|level|set|group)\s+(?:[A-Z]|\d{1,2}|[IVX]+)\s*[.:)–-]?(?=\s|$)/iu',
        '/^\s*(?:bonus|extra credit|challenge|extension|starter)\s*[.:–-](?=\s)/iu',
        '/^\s*(?:q|question|exercise|ex|problem|task|no)\.?\s*\d{1,3}\s*[.):]?(?=[\s(])/iu',
        '/^\s*(?:q|question)\s*[:.)](?=\s)/iu',
        '/^\s*\d{1,3}\s*[.)](?=\s)/u',
        '/^\s*\d{1,3}\s*[a-h]\s*[.)](?=\s)/u',
        // A number alone, before a part or a word: 1 (a) Expand …, 5   Make r …, and apart from a function.
        '/^\s*\d{1,2}(?=\s+(?:\((?:[a-h]|i{1,3}|iv)\)\s+\p{L}{3}|\p{Lu}\p{L}{3})|'
            . '(?:\s{2,}|\t)[fghpq]\(\p{L}\)\s*=)/u',
        '/^\s*(?:[a-h]\.|i\))(?=\s+\(?\p{L}{3,})/u',
        '/^\s*\((?:i{1,3}|iv|vi{0,3}|ix)\)(?=\s)/u',
        '/^\s*(?:i|ii|iii|iv|vi{1,3}|ix)\)(?=\s)/u',
        '/^\s*[•‣▪](?=\s)/u',
    ];
    /** Where something is to be filled in. */
    private const GAPS = '/_{2,}|\.{4,}|…{2,}/u';
    /** A way that is named behind the problem: (completing the square). */
    private const WAY = '/\s\(\s*((?:(?:by|use|using)\s+)?(?:the\s+)?(?:completing the square'
        . '|(?:quadratic )?formula|factoring|factori[sz](?:ing|ation)|square roots?|substitution|grouping'
        . '|synthetic division|long division|difference of (?:two )?squares|the grid|a grid))\s*\)\s*$/iu';
    /** Marks that stand before the problem. */
    private const MARKS_FIRST = '/^\s*[\[(]\s*(?:total\s*)?\d{1,2}\s*(?:marks?|points?|pts?)\s*[\])]/iu';
    private const PART_BEHIND = '/^(\s*\p{L}{4,}\s+)(\((?:[a-h]|i{1,3}|iv|vi{0,3}|ix)\))\s+(?=[\d\p{L}√−(-])/u';
    private const PART = '/^\s*\(?([a-h])\)(?=\s)/u';
    private const MARKS = [
        '/\s*[\[(]\s*(?:total\s*)?\d{1,2}\s*(?:marks?|points?|pts?|m)\s*[\])]\s*$/iu',
        '/\s+\[\s*\d{1,2}\s*\]\s*$/u',
    ];

    /**
     * @return array{string, list<Heard>} the rest, each character at its place; what was passed over
     */
    public static function taken(string $typed): array
    {
        $text = (string) preg_replace_callback(
            '/\\\\[()\[\]]|[$“”"`«»„]|(?<=\p{L}{3})!(?=\s|$)/u',
            static fn(array $match): string => str_repeat(' ', mb_strlen($match[0])),
            str_replace('≡', '=', $typed),
        );
        $text = (string) preg_replace_callback(
            self::GAPS,
            static fn(array $match): string => str_repeat(' ', mb_strlen($match[0])),
            $text,
        );
        $text = (string) preg_replace_callback(self::WAY, static fn(array $match): string
            => str_replace(['(', ')'], ' ', $match[0]), $text);
        $text = self::letterApart($text);
        $passed = [];
        for ($round = 0; $round < 3; ++$round) {
            foreach (self::NUMBERS as $number) {
                if (preg_match($number, $text, $match) === 1) {
                    $text = self::blanked($text, $match[0], 0, $passed);
                }
            }
            $isPart = preg_match(self::PART, $text, $match) === 1;
            if ($isPart && !self::isLetterOf($match[1], mb_substr($text, mb_strlen($match[0])))) {
                $text = self::blanked($text, $match[0], 0, $passed);
            }
        }
        if (preg_match(self::MARKS_FIRST, $text, $match) === 1) {
            $text = self::blanked($text, $match[0], 0, $passed);
        }
        // "Factorise (i) 4y² − 25": the part stands behind the verb.
        if (preg_match(self::PART_BEHIND, $text, $match) === 1) {
            $text = self::blanked($text, $match[2], mb_strlen($match[1]), $passed);
        }
        foreach (self::MARKS as $marks) {
            if (preg_match($marks, $text, $match) === 1) {
                $text = self::blanked($text, $match[0], mb_strlen($text) - mb_strlen($match[0]), $passed);
            }
        }
        // "(2)" is marks after an equation, where it stands apart, and behind a numbered part of a paper.
        if (preg_match('/(\s+)\(\s*\d{1,2}\s*\)\s*$/u', $text, $match) === 1
            && (mb_strlen($match[1]) > 1 || str_contains($text, '=') || $passed !== [])) {
            $text = self::blanked($text, $match[0], mb_strlen($text) - mb_strlen($match[0]), $passed);
        }

        return [self::inSigns(self::withoutEnd($text)), $passed];
    }

    /** "Solve for n 5n − 8 = 12": the letter is no factor of what follows; said of the only letter it says nothing. */
    private static function letterApart(string $text): string
    {
        return (string) preg_replace_callback(
            '/\b((?:solv|rearrang|transpos)\w+)(\s+for\s+(\p{L}))\s(\s*(?:[-−\d(√]|\p{L}(?!\p{L})).*)$/iu',
            static function (array $match): string {
                preg_match_all('/(?<!\p{L})\p{L}(?!\p{L})/u', $match[4], $letters);

                return array_unique($letters[0]) === [$match[3]]
                    ? $match[1] . str_repeat(' ', mb_strlen($match[2]) + 1) . $match[4]
                    : "$match[1]$match[2];$match[4]";
            },
            $text,
        );
    }

    /** The number or the part with which a line begins; null where it begins with neither. */
    public static function number(string $typed): ?string
    {
        foreach ([...self::NUMBERS, self::PART] as $number) {
            if (preg_match($number, $typed, $match) === 1) {
                return trim($match[0]);
            }
        }

        return null;
    }

    /** @param list<Heard> $passed */
    private static function blanked(string $text, string $part, int $from, array &$passed): string
    {
        if (trim($part) !== '') {
            $passed[] = new Heard('passed', trim($part), $from + mb_strlen($part) - mb_strlen(ltrim($part)));
        }

        $length = mb_strlen($part);

        return mb_substr($text, 0, $from) . str_repeat(' ', $length) . mb_substr($text, $from + $length);
    }

    private static function isLetterOf(string $letter, string $rest): bool
    {
        return preg_match("/(?<![A-Za-z])(?:\\d*[A-Za-z])?$letter(?:[A-Za-z]?)(?![A-Za-z])/u", $rest) === 1
            && preg_match("/(?<=[\\d+\\-*\\/^=(\\s])$letter(?=[\\d+\\-*\\/^=)²³\\s(]|$)/u", $rest) === 1
            && preg_match("/\\b$letter\\s+\\p{L}{2,}/u", $rest) !== 1;
    }

    /** With signs for operations that are written out: x squared plus 5. */
    private static function inSigns(string $text): string
    {
        $text = (string) preg_replace_callback(
            '/(?<=[\d)\]]|(?<![A-Za-z])[A-Za-z])(\s+)(squared|cubed)(?![A-Za-z])/iu',
            static fn(array $match): string => English::POWERS[strtolower($match[2])]
                . str_repeat(' ', mb_strlen($match[0]) - 1),
            $text,
        );

        return (string) preg_replace_callback(
            '/(?<=[\d)\]²³\s]|\d[A-Za-z]|\b[A-Za-z])(\s+)(plus|minus|times|over|equals)'
                . '(?=\s+(?:[-(\d√]|[b-hj-z]\b|[ai]\b(?!\s+\p{L}{2})))/iu',
            static fn(array $match): string => $match[1] . English::SIGNS[strtolower($match[2])]
                . str_repeat(' ', \strlen($match[2]) - 1),
            $text,
        );
    }

    /** Without "= ?" and the like at the end. */
    private static function withoutEnd(string $text): string
    {
        foreach (['/[?.;!]+\s*$/u', '/\?\s*$/u', '/(?<=\S)\s*=\s*$/u'] as $end) {
            $text = (string) preg_replace_callback(
                $end,
                static fn(array $match): string => str_repeat(' ', mb_strlen($match[0])),
                $text,
            );
        }

        return $text;
    }
}
