<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Line;
use Runel\Demonstration\Move\Operation;
use Runel\Demonstration\Move\Rewrite;
use Runel\Demonstration\Move\ToBothSides;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Style\Moving;

/** Terms taken from both sides of an equation: written on both sides, then totalled, or moved across at once. */
final class BothSides
{
    /**
     * @param Polynomial $left   what stands on the left before
     * @param Polynomial $right  what stands on the right before
     * @param Polynomial $taken  what is taken from both, not 0
     * @param Equation   $wanted what is left
     *
     * @return non-empty-list<Line> the last says what is left
     */
    public static function taken(
        Polynomial $left,
        Polynomial $right,
        Polynomial $taken,
        Equation $wanted,
        Moving $moving,
    ): array {
        $adds = \count($taken->terms) === 1 && $taken->terms[0]->coefficient->isNegative();
        $move = $adds
            ? new ToBothSides(Operation::Add, $taken->negated()->toExpression())
            : new ToBothSides(Operation::Subtract, $taken->toExpression());
        if ($moving === Moving::Across) {
            return [Line::equivalent($wanted, $move)];
        }
        $written = array_map(static fn(Term $term): Expression => new Marked(
            $term->negated()->toExpression(),
            Mark::written(),
        ), $taken->terms);

        return [
            Line::equivalent(new Equation(self::with($left, $written), self::with($right, $written)), $move),
            Line::equivalent($wanted, new Rewrite()),
        ];
    }

    /**
     * A polynomial with more terms behind it, not collected.
     *
     * @param list<Expression> $more
     */
    public static function with(Polynomial $polynomial, array $more): Expression
    {
        return Sum::of([
            ...$polynomial->expressions(),
            ...$more,
        ]);
    }
}
