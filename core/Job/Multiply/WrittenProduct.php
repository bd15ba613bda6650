<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;

/** Factors written one beside the other, as people do: the minus of the first one stands in front of all. */
final class WrittenProduct
{
    /** @param list<Expression> $factors */
    public static function write(array $factors): Expression
    {
        $first = $factors[0] ?? null;
        $rest = \array_slice($factors, 1);
        $isMinus = $first instanceof Negative || $first?->number()?->isNegative() === true;
        if ($rest === [] || $first === null || !$isMinus) {
            return Product::of($factors);
        }
        $size = $first->negated();

        return new Negative(Product::of($size->isOne() ? $rest : [$size, ...$rest]));
    }
}
