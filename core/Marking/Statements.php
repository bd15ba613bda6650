<?php

declare(strict_types=1);

namespace Runel\Marking;

/** What is said on one line one after another: with arrows or words between, values in turn, a value let go. */
final class Statements
{
    private const ONWARD = '/<?=>|⇒|⇔|⟹|⟺|→|->|(?<=\S)\s*,?\s+(?:so|therefore|hence|∴)\s|'
        . '(?<=[\p{L}\d)])\s*,?\s+(?=(?:check|test|verify)\s*:)|'
        . '(?<=[\p{L}\d)])\s*[,;]?\s+(?=(?:so\s+)?(?:reject|discard|ignor)\w*\s)|'
        . '(?<=[\p{L}\d)²³⁴])\s*[,;(]?\s*(?:(?:where|for|with|provided)\s+)?(?=\p{L}\s*(?:≠|!=)\s*[-−±\d])|'
        . '(?<=\S)\s*,?\s+(?:(?:which\s+)?(?:gives|becomes|means)|giving)\s(?=[^=]*=)/iu';
    /** A letter, what it is by ±, and the same once more. */
    private const IN_TURN = '/^(\s*\p{L})(\s*=(?:(?!\bor\b|\band\b)[^=,;±])*(?:±|\+\/-)(?:(?!\bor\b|\band\b)[^=≈,;])*)'
        . '([=≈].+)$/u';
    /** Several values, and what is said of the last. */
    private const LET_GO = '/^(.*=.*(?:[,;]|\bor\b|\band\b)[^=]*?(?:\p{L}\s*=\s*)?)(\S*\d\S*)\s*'
        . '(?:\(\s*(?:extraneous|reject(?:ed)?|false|invalid|not\s+valid)\s*\)|[✗✘])\s*$/iu';

    /**
     * A line of several statements with arrows between them, each alone with blanks before it, so that places stay.
     *
     * @return non-empty-list<string>
     */
    public static function of(string $typed): array
    {
        $statements = [];
        foreach (preg_split(self::ONWARD, $typed, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $byte]) {
            $offset = mb_strlen(substr($typed, 0, $byte));
            if (trim($part) !== '') {
                $part = str_repeat(' ', $offset) . $part;
                $letGo = self::letGo($part);
                array_push($statements, ...self::valuesInTurn($letGo[0] ?? $part), ...\array_slice($letGo, 1));
            }
        }

        return $statements === [] ? [$typed] : $statements;
    }

    /**
     * x = 8 or x = 1 (extraneous): what is said to solve, and that the last value is let go, after all.
     *
     * @return array{}|array{string, string} nothing where none is let go
     */
    private static function letGo(string $typed): array
    {
        if (preg_match(self::LET_GO, $typed, $match) !== 1) {
            return [];
        }

        return [(string) preg_replace('/[✓✔]/u', ' ', $match[1] . $match[2]), "reject $match[2]"];
    }

    /**
     * x = (−6 ± 8)/2 = 1 or −7: each = after a ± says anew what the letter is.
     *
     * @return non-empty-list<string> each with blanks before it, so that places stay
     */
    private static function valuesInTurn(string $typed): array
    {
        if (preg_match(self::IN_TURN, $typed, $match) !== 1) {
            return [$typed];
        }

        return [
            $match[1] . $match[2],
            ...self::valuesInTurn($match[1] . str_repeat(' ', mb_strlen($match[2])) . $match[3]),
        ];
    }
}
