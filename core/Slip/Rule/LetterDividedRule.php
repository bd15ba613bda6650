<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** A formula of which one side is divided by a letter, and of the other side the one term that has it. */
final readonly class LetterDividedRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $bothWays = $line instanceof Equation && \count(Indeterminates::of($line)) > 1
            ? [[$line->left, $line->right], [$line->right, $line->left]]
            : [];
        foreach ($bothWays as $sides) {
            [$whole, $other] = $sides;
            $terms = $other instanceof Sum ? $other->terms : [];
            foreach ($terms as $place => $term) {
                foreach ($term->bare()->factors() as $factor) {
                    if ($factor instanceof Letter) {
                        yield new Equation(new Quotient($whole, $factor), self::divided($terms, $place, $factor));
                    }
                }
            }
        }
    }

    /** @param list<Expression> $terms */
    private static function divided(array $terms, int $place, Letter $by): Expression
    {
        $isNegative = $terms[$place]->bare() !== $terms[$place];
        $factors = $terms[$place]->bare()->factors();
        foreach ($factors as $number => $factor) {
            if ($factor->equals($by)) {
                unset($factors[$number]);
                break;
            }
        }
        $left = Product::of(array_values($factors));
        $terms[$place] = $isNegative ? $left->negated() : $left;

        return Sum::of(array_values($terms));
    }
}
