<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Expression\Expression;
use Runel\Expression\Negative;

/** Terms in a row, each with its sign before it, as a whole bracket or as a line. */
final class BracketTerms
{
    public const SIZE = 28;

    /**
     * A factor in its brackets.
     *
     * @param list<Expression> $terms
     * @param list<int>        $used  the places on light
     *
     * @return array{list<float>, float} the middle of each term, and where the bracket ends
     */
    public static function factor(Pen $pen, array $terms, float $x, float $baseline, array $used): array
    {
        $pen->words('(', $x, $baseline + 1, self::SIZE + 6, Ink::TEXT);
        [$centres, $right] = self::line($pen, $terms, $x + 12, $baseline, $used);
        $pen->words(')', $right + 5, $baseline + 1, self::SIZE + 6, Ink::TEXT);

        return [$centres, $right + 12];
    }

    /**
     * @param list<Expression> $terms
     * @param list<int>        $used  the places on light
     * @param list<int>|null   $inks  of each term; left out, all as text
     *
     * @return array{list<float>, float} the middle of each term, and where the line ends
     */
    public static function line(
        Pen $pen,
        array $terms,
        float $x,
        float $baseline,
        array $used,
        ?array $inks = null,
    ): array {
        $centres = [];
        foreach ($terms as $place => $term) {
            $bare = $term->bare();
            $colour = $inks === null ? Ink::TEXT : Ink::colour($inks[$place]);
            if ($place > 0 || $term instanceof Negative) {
                $pen->words($term instanceof Negative ? '−' : '+', $x + 13, $baseline, self::SIZE, $colour);
                $x += $place > 0 ? 31 : 24;
            }
            $width = $pen->measure($bare, self::SIZE)->width;
            if (\in_array($place, $used, true)) {
                $pen->box($x - 5, $baseline - 34, $width + 10, 44, Ink::LIGHT, Ink::LIGHT_EDGE, 1.5, '', 6);
            }
            $pen->starting($bare, $x, $baseline, self::SIZE, $colour);
            if ($inks !== null) {
                $pen->inkLine($inks[$place], $x, $width, $baseline + 7, $baseline - 28);
            }
            $centres[] = $x + $width / 2;
            $x += $width + 9;
        }

        return [$centres, $x];
    }
}
