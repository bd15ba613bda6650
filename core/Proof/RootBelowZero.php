<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Power;
use Runel\Expression\Root;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;

/** Equations that nothing solves because a root would have to be negative. */
final class RootBelowZero
{
    /** Whether a square root, or a positive number of times one, is said to be a negative number: it never is. */
    public static function isSaid(Equation $equation): bool
    {
        foreach ([[$equation->left, $equation->right], [$equation->right, $equation->left]] as [$root, $number]) {
            $factors = $root->factors();
            $last = $factors[\count($factors) - 1];
            if (!self::isNeverNegative($last) || \count($factors) > 2 || Indeterminates::of($number) !== []) {
                continue;
            }
            try {
                $front = \count($factors) === 2 ? Evaluation::rational($factors[0]) : null;
                $value = ExactNumber::of($number);
                $isBelow = $value->isReal() && $value->sign() < 0;
            } catch (NoExactValue | DivisionByZero) {
                continue;
            }
            if ($isBelow && ($front === null || (!$front->isNegative() && !$front->isZero()))) {
                return true;
            }
        }

        return false;
    }

    /** A root of an even index, or an even power of a root of any: for real numbers neither is below 0. */
    private static function isNeverNegative(Expression $factor): bool
    {
        $exponent = $factor->wholeExponent() ?? 0;

        return $factor instanceof Root
            ? $factor->index % 2 === 0
            : $factor instanceof Power && $factor->base instanceof Root && $exponent > 0
                && ($factor->base->index % 2 === 0 || $exponent % 2 === 0);
    }
}
