<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Term;

/** What is written between a sum or product of fractions and its value: the working that people skip and regret. */
final class FractionWork
{
    /**
     * The terms over their least common denominator, not reduced.
     *
     * @param list<Term> $terms
     *
     * @return Expression|null null where nothing has to be brought to it
     */
    public static function overCommonDenominator(array $terms): ?Expression
    {
        $denominators = [];
        foreach ($terms as $term) {
            $denominators[] = self::plain($term->coefficient) ? $term->coefficient->denominator()->toInt() : null;
        }
        $common = 1;
        foreach ($denominators as $denominator) {
            $common = $denominator === null ? 0 : intdiv($common, Integers::gcd($common, $denominator)) * $denominator;
            if (!\is_int($common) || $common === 0) {
                return null;
            }
        }
        if (\count(array_unique($denominators)) < 2) {
            return null;
        }

        return Sum::of(array_map(static function (Term $term) use ($common): Expression {
            $top = $term->coefficient->absolute()->times(Rational::of($common));
            $fraction = new Quotient(Numeral::of($top), Numeral::of($common));

            return self::signed($fraction, $term);
        }, $terms));
    }

    /**
     * The lines that lead from a product of two terms to its value: top times top over bottom times bottom, multiplied,
     * then reduced.
     *
     * @return non-empty-list<Line>
     */
    public static function product(Term $left, Term $right, Expression $written, Expression $value): array
    {
        $product = $left->times($right);
        if (
            !self::plain($left->coefficient) || !self::plain($right->coefficient)
            || ($left->coefficient->isInteger() && $right->coefficient->isInteger())
        ) {
            return [Line::side($written, $value)];
        }
        $tops = [$left->coefficient->absolute()->numerator(), $right->coefficient->absolute()->numerator()];
        $bottoms = [$left->coefficient->denominator(), $right->coefficient->denominator()];
        $bar = new Quotient(self::together($tops), self::together($bottoms));
        $multiplied = new Quotient(
            Numeral::of($tops[0]->times($tops[1])),
            Numeral::of($bottoms[0]->times($bottoms[1])),
        );
        $lines = [];
        $before = $written;
        if (!$bar->numerator instanceof Numeral || !$bar->denominator instanceof Numeral) {
            $lines[] = Line::side($before, $before = self::signed($bar, $product));
        }
        if (!$tops[0]->times($tops[1])->equals($product->coefficient->absolute()->numerator())) {
            $lines[] = Line::side($before, $before = self::signed($multiplied, $product));
        }
        $lines[] = Line::side($before, $value);

        return $lines;
    }

    /** Whether a product of two terms has fractions to be worked with. */
    public static function has(Term $left, Term $right): bool
    {
        return self::plain($left->coefficient) && self::plain($right->coefficient)
            && !($left->coefficient->isInteger() && $right->coefficient->isInteger());
    }

    /** @param array{Rational, Rational} $factors a 1 beside another number is not written */
    private static function together(array $factors): Expression
    {
        $written = array_values(array_filter($factors, static fn(Rational $factor): bool => !$factor->isOne()));

        return \count($written) === 2
            ? Product::apart([Numeral::of($written[0]), Numeral::of($written[1])])
            : Numeral::of($written[0] ?? 1);
    }

    private static function plain(Rational $value): bool
    {
        return !$value->isDecimal();
    }

    private static function signed(Expression $size, Term $term): Expression
    {
        $written = Product::of([$size, ...$term->monomial->factors()]);

        return $term->coefficient->isNegative() ? new Negative($written) : $written;
    }
}
