<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** The factors of a product in which sums of roots stand. */
final class RootFactors
{
    /** More factors than this are not multiplied one after the other. */
    private const MOST_FACTORS = 4;

    /**
     * What is multiplied one after the other: sums, and numbers with roots that stand together; a power is written out.
     *
     * @return list<Expression>|null null where no sum is among them, or too much is
     */
    public static function of(Expression $term): ?array
    {
        $factors = [];
        $together = [];
        foreach ($term->factors() as $factor) {
            $times = $factor->wholeExponent() ?? 0;
            $base = $factor->base();
            if (!$base instanceof Sum) {
                $together[] = $factor;
            } elseif ($times < 1 || $times > self::MOST_FACTORS) {
                return null;
            } else {
                $before = $together === [] ? [] : [Product::of($together)];
                array_push($factors, ...$before, ...array_fill(0, $times, $base));
                $together = [];
            }
        }
        array_push($factors, ...($together === [] ? [] : [Product::of($together)]));
        $isSum = array_filter($factors, static fn(Expression $factor): bool => $factor instanceof Sum) !== [];

        return $isSum && \count($factors) <= self::MOST_FACTORS ? $factors : null;
    }
}
