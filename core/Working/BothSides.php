<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Same;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Notation\Ascii;
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
            $crossed = self::crossed($left->expressions(), $right->expressions(), $taken->expressions());

            return $crossed === null || Same::nodes($crossed, $wanted)
                ? [Line::equivalent($wanted, $move)]
                : [Line::equivalent($crossed, $move), Line::equivalent($wanted, new Rewrite())];
        }
        $sides = array_map(
            static fn(Polynomial $side): Expression => self::written($side->terms, $taken->terms),
            [$left, $right],
        );

        return [
            Line::equivalent(new Equation($sides[0], $sides[1]), $move),
            Line::equivalent($wanted, new Rewrite()),
        ];
    }

    /**
     * What is taken gone from its side and standing behind the other one with its sign turned.
     *
     * @param list<Expression> $left
     * @param list<Expression> $right
     * @param list<Expression> $taken
     *
     * @return Equation|null null where a term stands on neither side as it is
     */
    public static function crossed(array $left, array $right, array $taken): ?Equation
    {
        foreach ($taken as $term) {
            $isSame = static fn(Expression $own): bool => $own->equals($term);
            $turned = new Marked($term->negated(), Mark::written());
            if (array_filter($right, $isSame) !== []) {
                $right = self::without($right, $isSame);
                $left = [...$left, $turned];
            } elseif (array_filter($left, $isSame) !== []) {
                $left = self::without($left, $isSame);
                $right = [...$right, $turned];
            } else {
                return null;
            }
        }

        return new Equation(self::sum($left), self::sum($right));
    }

    /** @param list<Expression> $terms */
    private static function sum(array $terms): Expression
    {
        return $terms === [] ? Numeral::of(0) : Sum::of($terms);
    }

    /**
     * @param list<Expression>           $terms
     * @param \Closure(Expression): bool $isSame
     *
     * @return list<Expression> those that are not, and no 0 among them
     */
    private static function without(array $terms, \Closure $isSame): array
    {
        return array_values(array_filter($terms, static fn(Expression $term): bool => !$isSame($term)));
    }

    /**
     * A side with what is taken from it behind it: where the same stands there already, the two are struck.
     *
     * @param list<Term> $side
     * @param list<Term> $taken
     */
    private static function written(array $side, array $taken): Expression
    {
        $own = array_map(static fn(Term $term): Expression => $term->toExpression(), $side);
        $added = array_map(static fn(Term $term): Expression => $term->negated()->toExpression(), $taken);

        return self::struck($own, $added);
    }

    /**
     * Terms with others behind them; what meets its opposite is struck with it, the rest lights up as new.
     *
     * @param list<Expression> $side
     * @param list<Expression> $added
     */
    public static function struck(array $side, array $added): Expression
    {
        foreach ($added as $place => $term) {
            $opposite = Ascii::write($term->negated());
            $met = array_search($opposite, array_map(
                static fn(Expression $own): string => $own instanceof Marked ? '' : Ascii::write($own),
                $side,
            ), true);
            if ($met === false) {
                $added[$place] = new Marked($term, Mark::written());
                continue;
            }
            $side[$met] = new Marked($side[$met], Mark::cancels());
            $added[$place] = new Marked($term, Mark::cancels());
        }

        return Sum::of(array_values([...$side, ...$added]));
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
