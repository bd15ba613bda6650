<?php

declare(strict_types=1);

namespace Runel\Expression;

/**
 * The small number or letter at the foot of a letter, as in R₁ and vₑ: it belongs to the name. A name holds it lowered,
 * so that R₁ to the second and R₁₂ are never spelled alike.
 */
final class LetterIndex
{
    /** What has a lowered character; another letter stands behind a low line. */
    private const LOWERED = [
        '0' => '₀', '1' => '₁', '2' => '₂', '3' => '₃', '4' => '₄',
        '5' => '₅', '6' => '₆', '7' => '₇', '8' => '₈', '9' => '₉',
        'a' => 'ₐ', 'e' => 'ₑ', 'h' => 'ₕ', 'i' => 'ᵢ', 'j' => 'ⱼ', 'k' => 'ₖ', 'l' => 'ₗ', 'm' => 'ₘ', 'n' => 'ₙ',
        'o' => 'ₒ', 'p' => 'ₚ', 'r' => 'ᵣ', 's' => 'ₛ', 't' => 'ₜ', 'u' => 'ᵤ', 'v' => 'ᵥ', 'x' => 'ₓ',
    ];
    /** An index at the beginning of a text: up to two digits or one letter, behind a low line or lowered already. */
    private const WRITTEN = '/^(?:\s*_\s?\{\s?(\d{1,2}|[A-Za-z])\s?\}|\s*_(\d{1,2}(?!\d)|[A-Za-z](?![A-Za-z]))'
        . '|([₀-₉]{1,2}(?![₀-₉])|[ₐₑₕᵢⱼₖₗₘₙₒₚᵣₛₜᵤᵥₓ](?!\p{Lm})))/u';

    /**
     * The index a text begins with.
     *
     * @return array{string, int}|null lowered, and in how many characters it is written
     */
    public static function ahead(string $text): ?array
    {
        if (preg_match(self::WRITTEN, $text, $match) !== 1) {
            return null;
        }
        $index = strtr(implode('', \array_slice($match, 1)), array_flip(self::LOWERED));

        return [self::lowered($index), mb_strlen($match[0])];
    }

    /** Whether a name is one letter, with an index or without. */
    public static function isName(string $text): bool
    {
        $ahead = preg_match('/^[A-Za-zα-ωΑ-Ω]/u', $text) === 1 ? mb_substr($text, 1) : null;

        return $ahead !== null && ($ahead === '' || (self::ahead($ahead)[1] ?? 0) === mb_strlen($ahead));
    }

    /** @return array<string, true> the names in what was typed, in the order in which they are met */
    public static function names(string $typed): array
    {
        $names = [];
        preg_match_all('/[A-Za-zα-ωΑ-Ω]/u', $typed, $found, \PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$letter, $at]) {
            $names[self::name(mb_strcut($typed, $at, 20))] = true;
        }

        return $names;
    }

    /** @param array<string, true> $names whether one of them has an index */
    public static function standsIn(array $names): bool
    {
        return array_filter(array_keys($names), static fn(string $name): bool => mb_strlen($name) > 1) !== [];
    }

    /** A name as it is held within, its index lowered. */
    public static function name(string $typed): string
    {
        return mb_substr($typed, 0, 1) . (self::ahead(mb_substr($typed, 1))[0] ?? '');
    }

    /** @param string $index as it is typed */
    public static function lowered(string $index): string
    {
        return ctype_alpha($index) ? self::LOWERED[$index] ?? "_$index" : strtr($index, self::LOWERED);
    }

    /**
     * A name taken apart.
     *
     * @return array{string, string} the letter, and its index as typed; without one, nothing
     */
    public static function apart(string $name): array
    {
        return [mb_substr($name, 0, 1), strtr(mb_substr($name, 1), array_flip(self::LOWERED) + ['_' => ''])];
    }
}
