<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** A sum with a root below is multiplied by the same sum, above, though below as if its sign were the other one. */
final readonly class ConjugateRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(self::at(...), Quotient::class);
    }

    /** @return iterable<Node> */
    private static function at(Node $node): iterable
    {
        $below = $node instanceof Quotient ? $node->denominator : null;
        if (!$node instanceof Quotient || !$below instanceof Sum || \count($below->terms) !== 2
            || !Inside::holds($below, Root::class)) {
            return;
        }
        [$first, $second] = $below->terms;
        $squared = static fn(Expression $term): Power => new Power($term->bare(), Numeral::of(2));
        yield new Quotient(
            Product::of([$node->numerator, $below]),
            Sum::of([$squared($first), new Negative($squared($second))]),
        );
    }
}
