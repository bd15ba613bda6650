<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\FactoringRule;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;

/** Two squares, added or subtracted, taken for the square of a sum or difference: x² + 9 for (x + 3)². */
final readonly class TwoSquaresRule implements FactoringRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(static function (Node $node): iterable {
            $isPair = $node instanceof Sum && \count($node->terms) === 2 && !$node->terms[0] instanceof Negative;
            [$p, $q] = $isPair ? array_map(self::root(...), $node->terms) : [null, null];

            if (!$isPair || $p === null || $q === null) {
                return [];
            }
            // Of x² + 9, too, some write (x − 3)²: then both squares have a plus.
            $seconds = [new Negative($q->toExpression())];
            $seconds = $node->terms[1] instanceof Negative ? $seconds : [$q->toExpression(), ...$seconds];

            return array_map(static fn(Expression $second): Power => new Power(
                Sum::of([$p->toExpression(), $second]),
                Numeral::of(2),
            ), $seconds);
        }, Sum::class);
    }

    /** What a term is the square of, its sign apart. */
    private static function root(Expression $term): ?Term
    {
        $terms = Polynomial::tryFrom($term->bare())->terms ?? [];

        return \count($terms) === 1 ? $terms[0]->root(2) : null;
    }
}
