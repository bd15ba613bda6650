<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** The right side of a formula as a book gives it: one fraction, none within another, terms with plus first. */
final class BookShape
{
    /** @return Expression|null null where it has that shape as it stands, or where that cannot be told */
    public static function of(Expression $written): ?Expression
    {
        $sides = self::isNested($written) || self::isTurned($written) ? self::sides($written) : null;
        if ($sides === null) {
            return null;
        }
        [$factored, $bottom] = $sides;
        $common = $factored->common($bottom);
        $shape = self::written($factored->over($common)->polynomial(), $bottom->over($common));
        if ($shape->equals($written)) {
            return null;
        }
        try {
            $most = \count($factored->polynomial()->terms);

            return ($common->isOne()
                ? self::signsTurned($written) ?? self::kept($written, $most, $bottom)
                : null) ?? $shape;
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return $shape;
        }
    }

    /**
     * Minus above and a difference below: both turned, nothing taken apart.
     *
     * @throws NotPolynomial
     * @throws DivisionByZero
     */
    private static function signsTurned(Expression $written): ?Expression
    {
        $fraction = $written->bare();
        if (!$fraction instanceof Quotient || !$fraction->denominator instanceof Sum || self::isNested($fraction)) {
            return null;
        }
        $numerator = Polynomial::fromExpression($fraction->numerator);
        $above = $written instanceof Negative ? $numerator->negated() : $numerator;
        $isNegative = array_filter(
            $above->terms,
            static fn(Term $term): bool => !$term->coefficient->isNegative(),
        ) === [];
        $below = self::plusFirst(Polynomial::fromExpression($fraction->denominator)->negated());

        return $isNegative && !$below->terms()[0] instanceof Negative
            ? new Quotient(self::plusFirst($above->negated()), $below)
            : null;
    }

    /** @return array{FactoredPolynomial, FactoredPolynomial}|null above and below in factors; null of what has roots */
    private static function sides(Expression $written): ?array
    {
        if (Inside::holds($written, Root::class) || Inside::holds($written, Pi::class)) {
            return null;
        }
        try {
            [$top, $bottom] = self::fraction($written);

            return [FactoredPolynomial::of($top), $bottom];
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return null;
        }
    }

    /**
     * One fraction whose terms above stay the products they are, where they would come apart multiplied out.
     *
     * @param int                $most   so many terms there are multiplied out
     * @param FactoredPolynomial $bottom what has to stand below
     *
     * @throws NotPolynomial
     * @throws DivisionByZero
     * @throws Refusal        where its numbers are too large to be factored
     */
    private static function kept(Expression $written, int $most, FactoredPolynomial $bottom): ?Expression
    {
        if (!$written instanceof Quotient || !$written->numerator instanceof Sum
            || \count($written->numerator->terms) >= $most) {
            return null;
        }
        $below = array_map(
            static fn(Expression $term): FactoredPolynomial => self::fraction($term->bare())[1],
            $written->numerator->terms,
        );
        $common = array_reduce(
            $below,
            static fn(FactoredPolynomial $all, FactoredPolynomial $one): FactoredPolynomial => $all->multiple($one),
            FactoredPolynomial::one(),
        );
        $terms = [];
        foreach ($written->numerator->terms as $place => $term) {
            $by = $common->over($below[$place]);
            $size = $term->bare();
            $above = $size->above();
            $top = self::fraction($size)[0];
            if (Inside::holds($above, Quotient::class) || !Polynomial::fromExpression($above)->equals($top)) {
                return null;
            }
            $product = Product::of([
                ...($by->isOne() ? [] : $by->toExpression()->factors()),
                ...($above->isOne() ? [] : $above->factors()),
            ]);
            $terms[] = $product->signedLike($term);
        }
        $under = $common->times(FactoredPolynomial::of(Polynomial::fromExpression($written->denominator)));

        return array_filter($terms, static fn(Expression $term): bool => $term->bare() instanceof Sum) === []
            && $under->polynomial()->equals($bottom->polynomial())
            ? new Quotient(self::ordered(Sum::of($terms)), $bottom->toExpression())
            : null;
    }

    /**
     * One fraction with something in common above and below.
     *
     * @return array{FactoredPolynomial, FactoredPolynomial, Expression}|null what stands above in factors, what both
     *                                                                        have in common, what is left; null of
     *                                                                        anything else
     */
    public static function reduced(Expression $written): ?array
    {
        $bare = $written->bare();
        $isPlain = $bare instanceof Quotient && !self::isNested($written) && $bare->numerator instanceof Sum;
        $sides = $isPlain ? self::sides($written) : null;
        if ($sides === null) {
            return null;
        }
        [$factored, $bottom] = $sides;
        $common = $factored->common($bottom);

        return $common->isOne() ? null : [
            $factored,
            $common,
            self::written($factored->over($common)->polynomial(), $bottom->over($common)),
        ];
    }

    /** A sum with its plus first, where it begins with a minus and has one. */
    public static function ordered(Expression $written): Expression
    {
        $terms = $written->terms();
        if (!$written instanceof Sum || !$terms[0] instanceof Negative) {
            return $written;
        }
        usort($terms, static fn(Expression $one, Expression $other): int => [$one instanceof Negative]
            <=> [$other instanceof Negative]);

        return Sum::of($terms);
    }

    /** Whether a fraction stands above or below a line. */
    private static function isNested(Expression $written): bool
    {
        $bare = $written->bare();

        return $bare instanceof Quotient && (
            Inside::holds($bare->numerator, Quotient::class) || Inside::holds($bare->denominator, Quotient::class)
        );
    }

    /** Whether a fraction begins with a minus, or one of its sums does. */
    private static function isTurned(Expression $written): bool
    {
        $bare = $written->bare();
        if (!$bare instanceof Quotient) {
            return false;
        }
        $begins = static fn(Expression $side): bool => $side instanceof Negative
            || ($side instanceof Sum && $side->terms[0] instanceof Negative);

        return ($written instanceof Negative && $bare->denominator instanceof Sum)
            || $begins($bare->numerator) || $begins($bare->denominator);
    }

    /**
     * @return array{Polynomial, FactoredPolynomial} above and below
     *
     * @throws NotPolynomial
     * @throws DivisionByZero
     */
    private static function fraction(Expression $written): array
    {
        if ($written instanceof Negative) {
            [$top, $bottom] = self::fraction($written->operand);

            return [$top->negated(), $bottom];
        }
        if ($written instanceof Sum && Inside::holds($written, Quotient::class)) {
            $parts = array_map(self::fraction(...), $written->terms);
            $common = FactoredPolynomial::one();
            foreach ($parts as [, $bottom]) {
                $common = $common->multiple($bottom);
            }
            $sum = Polynomial::constant(0);
            foreach ($parts as [$top, $bottom]) {
                $sum = $sum->plus($top->times($common->over($bottom)->polynomial()));
            }

            return [$sum, $common];
        }
        if ($written instanceof Quotient) {
            [$top, $bottom] = self::fraction($written->numerator);
            [$by, $below] = self::fraction($written->denominator);
            if ($by->isZero()) {
                throw new DivisionByZero();
            }

            return self::signed($top->times($below->polynomial()), $bottom->times(FactoredPolynomial::of($by)));
        }
        if ($written instanceof Product && Inside::holds($written, Quotient::class)) {
            [$all, $under] = [Polynomial::constant(1), FactoredPolynomial::one()];
            foreach ($written->factors as $factor) {
                [$top, $bottom] = self::fraction($factor);
                [$all, $under] = [$all->times($top), $under->times($bottom)];
            }

            return [$all, $under];
        }

        $whole = Polynomial::fromExpression($written);
        $below = Rational::one();
        foreach ($whole->terms as $term) {
            $own = $term->coefficient->denominator();
            $below = $below->times($own)->dividedBy($below->commonDivisor($own));
        }

        return [$whole->scaledBy($below), FactoredPolynomial::number($below)];
    }

    /** @return array{Polynomial, FactoredPolynomial} numbers below whole and positive */
    private static function signed(Polynomial $top, FactoredPolynomial $bottom): array
    {
        $scale = $bottom->number->denominator();
        $sign = Rational::of($bottom->number->isNegative() ? -1 : 1);

        return [$top->scaledBy($scale->times($sign)), $bottom->scaledBy($scale->times($sign))];
    }

    /** One polynomial over another. */
    public static function written(Polynomial $top, FactoredPolynomial $bottom): Expression
    {
        if ($bottom->isOne()) {
            return self::plusFirst($top);
        }
        $isNegative = array_filter(
            $top->terms,
            static fn(Term $term): bool => !$term->coefficient->isNegative(),
        ) === [];
        if (!$isNegative) {
            return new Quotient(self::plusFirst($top), $bottom->toExpression());
        }
        // A minus above turns a difference below.
        $factors = [];
        $turned = false;
        foreach ($bottom->factors as [$factor, $exponent]) {
            $hasMinus = array_filter(
                $factor->terms,
                static fn(Term $term): bool => $term->coefficient->isNegative(),
            ) !== [];
            $isTurned = !$turned && $exponent === 1 && $hasMinus;
            $turned = $turned || $isTurned;
            $base = $isTurned ? self::plusFirst($factor->negated()) : $factor->toExpression();
            $factors[] = $exponent === 1 ? $base : new Power($base, Numeral::of($exponent));
        }
        $number = $bottom->number->isOne() ? [] : [Numeral::of($bottom->number)];
        $fraction = new Quotient(self::plusFirst($top->negated()), Product::of([...$number, ...$factors]));

        return $turned ? $fraction : new Negative($fraction);
    }

    private static function plusFirst(Polynomial $polynomial): Expression
    {
        return self::ordered($polynomial->toExpression());
    }
}
