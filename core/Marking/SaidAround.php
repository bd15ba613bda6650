<?php

declare(strict_types=1);

namespace Runel\Marking;

/**
 * What people say around the mathematics of a line: we get (x − 2)(x + 3), x² + x − 6 factors to (x − 2)(x + 3), x = 4
 * is the answer. It is left out only where nothing but mathematics is left, so that "x = 4 is wrong" stays words.
 */
final class SaidAround
{
    /** Before it, one after another. */
    private const BEFORE = <<<'WORDS'
        /^\s* (?: (?: so | then | thus | hence | therefore | finally | now | next | also | which | that(?:[’']s)? | this
          | it(?:[’']s)? | we | you | i (?=\s+(?:get|got|have|obtain)) | get | gets | got | obtain | have | has
          | is | are | gives? | giving | becomes | leaves | leaving | means | equals | must\s+be
          | (?: factors | factori[sz]es | simplifies | expands | cancels | reduces | comes | works\s+out | comes\s+out )
            (?: \s+ (?: to | into | as | down\s+to ) )
          | (?:in\s+)? (?: factored | factori[sz]ed | expanded | simplified | simplest ) (?:\s+form)? (?:\s+is)?
          | (?:the\s+)? factors\s+are (?=\s*\() | i\.e\. ) (?: \s*[,:]\s* | \s+ | (?=[-−(√±]) ) )+
        (?=\S)/xiu
        WORDS;
    /** What is done, before a colon: multiply by (x − 2)(x + 1): …, ÷2: …. */
    private const DOING = <<<'WORDS'
        /^\s* (?: (?: multiply | times | divid | subtract | add | tak | bring | mov | expand | factor | squar
            | sqrt | simplif | collect | cancel | rearrang | complet | swap | distribut | clear | cross | gather
            | combin | put | substitut | open | get\s+rid ) [^:=]*
          | [-+−–÷×*·\/] \s* (?: \( [^()]* \) | [\w.²³√] )+ (?: \s+ (?:on|to|from|both|each|sides?) \b )* ) \s* : \s*
        (?=\S)
        | ^\s* (?: lcm | lcd | gcf | hcf | gcd ) \s* (?: [=:] | is )? [^;,=:]+ [;,] \s* (?=\S)/xiu
        WORDS;
    /** Behind it. */
    private const BEHIND = <<<'WORDS'
        /(?<!\s) \s*+ (?: (?:[,–—-]\s*+)? (?: (?:which|this|that)\s++ )? (?:is\s++)? (?:the|my)\s++ (?:final\s++)?
            (?: answer | solution )
          | (?: <[-–—] | ← ) \s*+ (?: (?:the|my)\s++ )? (?:final\s++)? answer
          | \( \s*+ (?:final\s++)? answer \s*+ \) | = \s*+ (?: RHS | LHS ) | no\s++remainder | [:;]-?[)]
            | (?<=\s) ans(?:wer)? ) \s*+[.!]*\s*+$/xiu
        WORDS;
    /** Between two things that are said to be equal. */
    private const EQUAL = <<<'WORDS'
        /(?<=[\p{L}\d)²³⁴⁵⁶⁷⁸⁹]) \s+
        (?: is | equals | gives | makes | becomes | is\s+equal\s+to | must\s+ (?:be|equal) | has\s+to\s+be
          | (?: factors | factori[sz]es | simplifies | cancels | expands | multiplies\s+out | works\s+out | comes
              | reduces | tidies\s+up )
            (?: \s+ (?: to | into | as | down\s+to | out\s+ (?:to|as) ) ) )
        \s+ (?=[-−–+±(√\d\p{L}])/xiu
        WORDS;
    private const FOLLOWING = '/^\s*(?:(?:so|then|thus|hence|therefore|finally)\b\s*[,:]?\s*)+/iu';
    /** Words of mathematics and those between solutions. */
    private const MATHEMATICS = '/\b(?:sqrt|cbrt|root|pi|or|and|remainder|rem|lhs|rhs)\b/iu';
    private const WORD = '/\p{L}{3,}|\b(?:is|it|as|to|no|of|by|we|if|at|in|on|be|so|do)\b/iu';

    /** The line with blanks, or with =, in place of what is said, every character at its place. */
    public static function left(string $typed): string
    {
        foreach ([self::BEHIND, self::DOING, self::BEFORE] as $said) {
            $left = (string) preg_replace_callback(
                $said,
                static fn(array $match): string => str_repeat(' ', mb_strlen($match[0])),
                $typed,
            );
            $typed = self::isMathematics($left) || self::isMathematics(self::equated($left)) ? $left : $typed;
        }
        $equated = self::equated($typed);

        return self::isMathematics($equated) ? $equated : $typed;
    }

    /** Whether more is said around it than that it follows. */
    public static function isTold(string $typed): bool
    {
        $plain = (string) preg_replace(self::FOLLOWING, '', $typed);

        return self::left($plain) !== $plain;
    }

    private static function equated(string $typed): string
    {
        return str_contains($typed, '=') ? $typed : (string) preg_replace_callback(
            self::EQUAL,
            static fn(array $match): string => str_pad(' =', mb_strlen($match[0])),
            $typed,
        );
    }

    private static function isMathematics(string $typed): bool
    {
        $bare = (string) preg_replace(self::MATHEMATICS, ' ', $typed);

        return preg_match('/[\p{L}\d]/u', $bare) === 1 && preg_match(self::WORD, $bare) !== 1;
    }
}
