<?php

declare(strict_types=1);

namespace App\Ways;

use Runel\Notation\Ascii;
use Runel\Problem\Problem;

/** A problem taken apart into what can be changed in it: each number by one, each sign turned. */
final class Changes
{
    private const LONGEST = 300;

    /**
     * The problem's text in pieces, in their order; of each that can be changed, what the whole would be then.
     *
     * A sign has only one other, under "more".
     *
     * @return list<array{text: string, kind: 'number'|'sign'|'letter'|'plain', less: string|null, more: string|null}>
     */
    public static function of(Problem $problem): array
    {
        $text = $problem->subject === null ? Ascii::typed($problem->node) : $problem->source;
        $pattern = '/(?<![\^\d.])\d+(?![\d.])|\s*[+\-−]\s*|\p{L}+|[^\p{L}\d+\-−]+|./u';
        preg_match_all($pattern, mb_substr($text, 0, self::LONGEST), $found);
        $pieces = [];
        $before = '';
        foreach ($found[0] as $piece) {
            $after = mb_substr($text, mb_strlen($before) + mb_strlen($piece));
            $pieces[] = self::piece($piece, $before, $after);
            $before .= $piece;
        }

        return $pieces;
    }

    /** An exponent as people write it. */
    private static function raised(string $piece): string
    {
        return strtr($piece, ['^' => '', ...array_combine(range(0, 9), mb_str_split('⁰¹²³⁴⁵⁶⁷⁸⁹'))]);
    }

    /** @return array{text: string, kind: 'number'|'sign'|'letter'|'plain', less: string|null, more: string|null} */
    private static function piece(string $piece, string $before, string $after): array
    {
        $sign = trim($piece);
        if (preg_match('/^\d{1,6}$/', $piece) === 1 && !str_ends_with($before, '^')) {
            $number = (int) $piece;
            // No other number is made of it: 1 before a letter stays written, 0 takes nothing away from the form.
            return [
                'text' => $piece,
                'kind' => 'number',
                'less' => $number > 1 ? $before . ($number - 1) . $after : null,
                'more' => $before . ($number + 1) . $after,
            ];
        }
        if (\in_array($sign, ['+', '-', '−'], true)) {
            $isFirst = preg_match('/(^|[(=\/*^])\s*$/', $before) === 1;
            $other = $sign === '+' ? '-' : ($isFirst ? '' : '+');

            return ['text' => $piece, 'kind' => 'sign', 'less' => null, 'more' => $before . $other . $after];
        }

        return [
            'text' => str_ends_with($before, '^') || str_contains($piece, '^') ? self::raised($piece) : $piece,
            'kind' => preg_match('/^\p{L}$/u', $piece) === 1 ? 'letter' : 'plain',
            'less' => null,
            'more' => null,
        ];
    }
}
