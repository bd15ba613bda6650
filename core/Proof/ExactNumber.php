<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Comparison;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Surd;

/** Expressions without letters, as what they are worth. */
final class ExactNumber
{
    /** Numbers that differ by more than this part of themselves are different, however they were worked out. */
    private const CLEAR = 1e-9;

    /**
     * @throws NoExactValue   where no sum of square roots is its value
     * @throws DivisionByZero where it has none
     */
    public static function of(Expression $number): Surd
    {
        return Evaluation::at(new Surds(), [])->of($number);
    }

    /** Exactly; where that cannot be, numbers that lie clearly apart are different. */
    public static function compares(Comparison $claim): bool
    {
        try {
            return self::of($claim->left)->equals(self::of($claim->right)) === $claim->equal;
        } catch (NoExactValue) {
            $there = Evaluation::at(new Floats(), []);
            [$left, $right] = [$there->of($claim->left), $there->of($claim->right)];

            return !$claim->equal && abs($left - $right) > self::CLEAR * max(1.0, abs($left), abs($right));
        }
    }
}
