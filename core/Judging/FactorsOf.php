<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Expression\Expression;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;

/** The factors an expression is written as. */
final class FactorsOf
{
    /** The largest exponent that is written out. */
    private const LARGEST = 6;

    /** @return list<Expression> */
    public static function expression(Expression $expression): array
    {
        if ($expression instanceof Marked) {
            return self::expression($expression->content);
        }
        if ($expression instanceof Negative) {
            return [Numeral::of(-1), ...self::expression($expression->operand)];
        }
        if ($expression instanceof Product) {
            return array_merge(...array_map(self::expression(...), $expression->factors));
        }
        $exponent = $expression instanceof Power
            && $expression->exponent instanceof Numeral ? $expression->exponent->value->toInt() : null;
        if ($expression instanceof Power && $exponent !== null && $exponent >= 1 && $exponent <= self::LARGEST) {
            return array_merge(...array_fill(0, $exponent, self::expression($expression->base)));
        }

        return [$expression];
    }
}
