<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Both sides are turned over, a sum of fractions one by one: 1/x = 1/a + 1/b becomes x = a + b. */
final readonly class TurnedOverRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if (!$line instanceof Equation || (!$line->left instanceof Sum && !$line->right instanceof Sum)) {
            return;
        }
        $left = self::turned($line->left);
        $right = self::turned($line->right);
        if ($left !== null && $right !== null) {
            yield new Equation($left, $right);
        }
    }

    /** Null where something in it is no fraction. */
    private static function turned(Expression $side): ?Expression
    {
        $terms = [];
        foreach ($side->terms() as $term) {
            $bare = $term->bare();
            if (!$bare instanceof Quotient) {
                return null;
            }
            $over = $bare->numerator->isOne()
                ? $bare->denominator
                : new Quotient($bare->denominator, $bare->numerator);
            $terms[] = $over->signedLike($term);
        }

        return Sum::of($terms);
    }
}
