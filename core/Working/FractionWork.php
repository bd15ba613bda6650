<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
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
     * The way to the least common denominator: whole numbers over 1, above and below times the same number, and all
     * over it, not reduced.
     *
     * @param list<Term> $terms
     *
     * @return list<Expression> none where nothing has to be brought to it
     */
    public static function toCommonDenominator(array $terms): array
    {
        $denominators = [];
        foreach ($terms as $term) {
            $denominator = self::plain($term->coefficient) ? $term->coefficient->denominator()->toInt() : null;
            if ($denominator === null) {
                return [];
            }
            $denominators[] = $denominator;
        }
        $common = 1;
        foreach ($denominators as $denominator) {
            $common = intdiv($common, Integers::gcd($common, $denominator)) * $denominator;
            if (!\is_int($common)) {
                return [];
            }
        }
        if (\count(array_unique($denominators)) < 2) {
            return [];
        }
        $over = static fn(bool $isTimes): Expression => Sum::of(array_map(
            static function (Term $term, int $below) use ($common, $isTimes): Expression {
                $top = Numeral::of($term->coefficient->absolute()->numerator());
                $times = Numeral::of(intdiv($common, $below));
                $isThere = !$isTimes || $times->isOne() || $term->isZero();

                return self::signed(new Quotient(
                    $isThere ? $top : Product::apart([$top, $times]),
                    $isThere ? Numeral::of($below) : Product::apart([Numeral::of($below), $times]),
                ), $term);
            },
            $terms,
            $denominators,
        ));
        $result = Sum::of(array_map(static fn(Term $term): Expression => self::signed(new Quotient(
            Numeral::of($term->coefficient->absolute()->times(Rational::of($common))),
            Numeral::of($common),
        ), $term), $terms));

        return [...(\in_array(1, $denominators, true) ? [$over(false)] : []), $over(true), $result];
    }

    /**
     * Side lines, each from the one before.
     *
     * @param list<Expression> $between
     *
     * @return non-empty-list<Line>
     */
    public static function chain(Expression $from, array $between, Expression $to): array
    {
        $lines = [];
        foreach ([...$between, $to] as $next) {
            $lines[] = Line::side($from, $next);
            $from = $next;
        }

        return $lines;
    }

    /**
     * The lines that lead from a product of two terms to its value: a whole number over 1, top times top over bottom
     * times bottom, what cancels struck out, then multiplied.
     *
     * @return non-empty-list<Line>
     */
    public static function product(Term $left, Term $right, Expression $written, Expression $value): array
    {
        if (!self::has($left, $right)) {
            return [Line::side($written, $value)];
        }
        $product = $left->times($right);
        $tops = [$left->coefficient->absolute()->numerator(), $right->coefficient->absolute()->numerator()];
        $bottoms = [$left->coefficient->denominator(), $right->coefficient->denominator()];
        $between = self::overOne($left, $right);
        $isOverOne = $between !== [];
        // Each fraction is in lowest terms: what cancels stands crosswise.
        $shared = [$tops[0]->commonDivisor($bottoms[1]), $tops[1]->commonDivisor($bottoms[0])];
        $across = array_reverse($shared);
        $bar = new Quotient(
            self::together($tops, $shared, $isOverOne),
            self::together($bottoms, $across, $isOverOne),
        );
        $isCancelling = array_filter($shared, static fn(Rational $factor): bool => !$factor->isOne()) !== [];
        if ($isCancelling || !$bar->numerator instanceof Numeral || !$bar->denominator instanceof Numeral) {
            $between[] = self::signed($bar, $product);
        }
        if ($isCancelling) {
            $rest = new Quotient(
                self::together([
                    $tops[0]->dividedBy($shared[0]),
                    $tops[1]->dividedBy($shared[1]),
                ], null, false),
                self::together([
                    $bottoms[0]->dividedBy($across[0]),
                    $bottoms[1]->dividedBy($across[1]),
                ], null, false),
            );
            // One number over another is the value already.
            if ($rest->numerator instanceof Product || $rest->denominator instanceof Product) {
                $between[] = self::signed($rest, $product);
            }
        }

        return self::chain($written, $between, $value);
    }

    /** @return list<Expression> the product with its whole number over 1; none where a letter stands beside it */
    private static function overOne(Term $left, Term $right): array
    {
        $isWhole = static fn(Term $term): bool => $term->coefficient->isInteger()
            && $term->monomial->exponents === []
            && !$term->coefficient->absolute()->isOne();
        if (!$isWhole($left) && !$isWhole($right)) {
            return [];
        }

        return [Product::apart(array_map(static fn(Term $term): Expression => $isWhole($term)
            ? self::signed(new Quotient(Numeral::of($term->coefficient->absolute()), Numeral::of(1)), $term)
            : $term->toExpression(), [$left, $right]))];
    }

    /** Whether a product of two terms has fractions to be worked with. */
    public static function has(Term $left, Term $right): bool
    {
        return self::plain($left->coefficient) && self::plain($right->coefficient)
            && !($left->coefficient->isInteger() && $right->coefficient->isInteger());
    }

    /**
     * @param array{Rational, Rational}      $factors
     * @param array{Rational, Rational}|null $shared  by what each is cancelled; left out, by nothing
     * @param bool                           $isFull  whether a 1 beside another number is written
     */
    private static function together(array $factors, ?array $shared, bool $isFull): Expression
    {
        $written = [];
        foreach ($factors as $place => $factor) {
            if ($isFull || !$factor->isOne()) {
                $number = Numeral::of($factor);
                $written[] = $shared === null || $shared[$place]->isOne()
                    ? $number
                    : new Marked($number, Mark::cancels());
            }
        }

        return \count($written) === 2 ? Product::apart($written) : ($written[0] ?? Numeral::of(1));
    }

    private static function plain(Rational $value): bool
    {
        return !$value->isDecimal();
    }

    private static function signed(Expression $size, Term $term): Expression
    {
        $written = Product::of([$size, ...$term->monomial->factors()]);

        return $written->signed($term->coefficient->isNegative());
    }
}
