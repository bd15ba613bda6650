<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Sum;

/** A sum of two terms with the sign of one turned: both multiplied make a square minus a square. */
final class Conjugate
{
    /** Of two terms the one with a minus is turned, of two alike the second; null where there are not two. */
    public static function of(Expression $sum): ?Expression
    {
        $terms = $sum->terms();
        if (\count($terms) !== 2) {
            return null;
        }
        [$first, $second] = $terms;
        $turnsFirst = $first instanceof Negative && !$second instanceof Negative;

        return Sum::of($turnsFirst ? [$first->operand, $second] : [$first, $second->negated()]);
    }
}
