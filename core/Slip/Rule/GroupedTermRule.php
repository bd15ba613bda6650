<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Of terms that are grouped, one is left behind: most often the 1 that nobody has written. */
final readonly class GroupedTermRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(static fn(Node $node): iterable => $node instanceof Sum
            && array_filter($node->terms, self::isGroup(...)) !== [] ? self::without($node) : [], Sum::class);
    }

    private static function isGroup(Expression $term): bool
    {
        return $term instanceof Product && array_filter(
            $term->factors,
            static fn(Expression $factor): bool => $factor instanceof Sum,
        ) !== [];
    }

    /** @return iterable<Expression> */
    private static function without(Sum $sum): iterable
    {
        foreach (array_keys($sum->terms) as $place) {
            $rest = $sum->terms;
            unset($rest[$place]);
            yield Sum::of(array_values($rest));
        }
    }
}
