<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** One side of an equation as it stands, and what becomes of it: fractions cleared, brackets gone, terms collected. */
final class Tidying
{
    /** What all fractions in it go into: the least number that makes every coefficient and every fraction whole. */
    public static function denominator(Expression $side): Rational
    {
        $least = Rational::one();
        foreach ($side->terms() as $term) {
            $bare = $term->bare();
            $numbers = [];
            if ($bare instanceof Quotient) {
                $numbers[] = Polynomial::number($bare->denominator)?->reciprocal();
            } elseif ($bare instanceof Product) {
                $numbers[] = Polynomial::number($bare->factors[0]);
            }
            foreach (Polynomial::fromExpression($bare)->terms as $own) {
                $numbers[] = $own->coefficient;
            }
            foreach ($numbers as $number) {
                if ($number !== null && !$number->isDecimal()) {
                    $least = $least->times($least->times($number)->denominator());
                }
            }
        }

        return $least;
    }

    /** Every term multiplied by a number: fractions and numbers in front take it, brackets stay. */
    public static function multiplied(Expression $side, Rational $by): Expression
    {
        return Sum::of(array_map(
            static fn(Expression $term): Expression => self::term($term, $by),
            $side->terms(),
        ));
    }

    /**
     * Every bracket multiplied out, like terms not collected.
     *
     * @return Expression the side itself where there is nothing to multiply out
     */
    public static function expanded(Expression $side): Expression
    {
        $terms = [];
        foreach ($side->terms() as $term) {
            array_push($terms, ...(Inside::holds($term, Sum::class) ? self::opened($term) : [$term]));
        }

        return Sum::of($terms);
    }

    /**
     * The same bracket by bracket, from left to right.
     *
     * @return list<Expression> the side after each; none where there is nothing to multiply out
     */
    public static function expandedOneByOne(Expression $side): array
    {
        $stages = [];
        $terms = $side->terms();
        for ($place = 0; $place < \count($terms); ++$place) {
            if (!Inside::holds($terms[$place], Sum::class)) {
                continue;
            }
            $opened = self::opened($terms[$place]);
            array_splice($terms, $place, 1, $opened);
            $place += \count($opened) - 1;
            $stages[] = Sum::of($terms);
        }

        return $stages;
    }

    /**
     * A term with a bracket in it multiplied out: one bracket keeps the order in which it is written.
     *
     * @return list<Expression>
     */
    private static function opened(Expression $term): array
    {
        $bare = $term->bare();
        $factors = $bare->factors();
        $sums = array_values(array_filter($factors, static fn(Expression $one): bool => $one instanceof Sum));
        $plain = array_filter($factors, static fn(Expression $one): bool => Inside::holds($one, Sum::class));
        if (\count($sums) !== 1 || \count($plain) !== 1) {
            return Polynomial::fromExpression($term)->expressions();
        }
        $front = Product::of(array_values(array_filter(
            $factors,
            static fn(Expression $one): bool => !$one instanceof Sum,
        )));
        $opened = [];
        foreach ($sums[0]->terms() as $own) {
            $product = Polynomial::fromExpression(\count($factors) === 1 ? $own : Product::of([$front, $own]));
            $opened[] = ($term instanceof Negative ? $product->negated() : $product)->toExpression();
        }

        return $opened;
    }

    private static function term(Expression $term, Rational $by): Expression
    {
        if ($term instanceof Negative) {
            return self::term($term->operand, $by)->negated();
        }
        if ($term instanceof Quotient) {
            $below = Polynomial::number($term->denominator);
            if ($below !== null && !$below->isZero() && Inside::holds($term, Sum::class)) {
                return self::scaled($term->numerator, $by->dividedBy($below));
            }
        }
        if ($term instanceof Product && Inside::holds($term, Sum::class)) {
            $number = Polynomial::number($term->factors[0]);
            $rest = Product::of($number === null ? $term->factors : \array_slice($term->factors, 1));

            return self::scaled($rest, $by->times($number ?? Rational::one()));
        }

        return Polynomial::fromExpression($term)->scaledBy($by)->toExpression();
    }

    private static function scaled(Expression $expression, Rational $by): Expression
    {
        return match (true) {
            $by->isOne() => $expression,
            $by->isNegative() => new Negative(self::scaled($expression, $by->negated())),
            default => Product::of([Numeral::of($by), $expression]),
        };
    }
}
