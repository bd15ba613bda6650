<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\HeapsFigure as HeapsFigure;
use Runel\Polynomial\Term;

/** The picture of signed like terms as two heaps that cancel. */
final class Heaps
{
    /** Up to this many counters are drawn on each side; beyond it the picture says nothing. */
    private const MOST = 24;

    /**
     * The picture, or null where it would not help: fractions, or more counters than anyone would count.
     *
     * @param list<Term> $terms of both signs
     */
    public static function figure(array $terms, Term $total): ?HeapsFigure
    {
        $heaps = [[], []];
        $sizes = [0, 0];
        foreach ($terms as $term) {
            $count = $term->coefficient->absolute()->toInt();
            if ($count === null) {
                return null;
            }
            $side = $term->coefficient->isNegative() ? 1 : 0;
            $sizes[$side] += $count;
            if ($sizes[$side] > self::MOST) {
                return null;
            }
            $heaps[$side][] = $count;
        }

        return new HeapsFigure($heaps[0], $heaps[1], $terms[0]->monomial->toExpression(), $total->toExpression());
    }
}
