<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Working\Arithmetic;
use Runel\Working\Quadratic\RootArithmetic;

/** A value put into an equation, both sides worked out apart. */
final class PutIn
{
    /** @return list<Line> none where neither side can be worked out line by line */
    public static function lines(Equation $equation, string $letter, Expression $value): array
    {
        $lines = [];
        foreach ([$equation->left, $equation->right] as $side) {
            $put = Substitution::into($side, $letter, $value);
            // A number alone is worked out already.
            if ($put !== $side && !$put->bare() instanceof Numeral) {
                array_push($lines, ...self::workedOut($put));
            }
        }

        return $lines;
    }

    /** @return list<Line> */
    public static function workedOut(Expression $written): array
    {
        try {
            return Arithmetic::lines($written);
        } catch (NoExactValue | DivisionByZero) {
            try {
                return RootArithmetic::lines($written);
            } catch (NoExactValue | DivisionByZero) {
                return [];
            }
        }
    }
}
