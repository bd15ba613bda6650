<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;

/** Sides of formulas put together as people write them: one fraction, not several; no product with 1. */
final class Sides
{
    /** No factor 1: what is typed as 1a is a. */
    public static function withoutOnes(Expression $expression): Expression
    {
        return Rewriter::everywhere($expression, static function (Node $node): ?Node {
            if (!$node instanceof Product) {
                return null;
            }
            $factors = array_values(array_filter(
                $node->factors,
                static fn(Expression $factor): bool => !$factor->isOne(),
            ));

            return \count($factors) === \count($node->factors) ? null : Product::of(array_map(
                self::withoutOnes(...),
                $factors === [] ? [Numeral::of(1)] : $factors,
            ));
        });
    }

    /** @param list<Expression> $taken */
    public static function minus(Expression $side, array $taken): Expression
    {
        return Sum::of([
            ...($side->isZero() ? [] : $side->terms()),
            ...array_map(static fn(Expression $term): Expression => $term->negated(), $taken),
        ]);
    }

    public static function times(Expression $side, Expression $by): Expression
    {
        if ($side instanceof Negative) {
            return self::times($side->operand, $by)->negated();
        }
        if ($side instanceof Quotient) {
            return self::over(self::product([$by, $side->numerator]), $side->denominator);
        }

        return self::product([$by, $side]);
    }

    public static function over(Expression $side, Expression $by): Expression
    {
        if ($side instanceof Negative) {
            return self::over($side->operand, $by)->negated();
        }
        if ($by instanceof Negative) {
            return self::over($side, $by->operand)->negated();
        }
        if ($side instanceof Quotient) {
            return self::over($side->numerator, self::product([$by, $side->denominator]));
        }
        if ($by->isOne() || $side->isZero()) {
            return $side;
        }
        if ($by instanceof Quotient) {
            return self::over(self::product([$by->denominator, $side]), $by->numerator);
        }

        return self::reduced($side, $by);
    }

    /** @param int $index 2 or more */
    public static function raised(Expression $side, int $index): Expression
    {
        $inside = $side instanceof Negative ? self::raised($side->operand, $index) : $side;

        return match (true) {
            $side instanceof Quotient => new Quotient(
                self::raised($side->numerator, $index),
                self::raised($side->denominator, $index),
            ),
            $side instanceof Negative => $index % 2 === 0 ? $inside : $inside->negated(),
            $side instanceof Root && $side->index === $index => $side->radicand,
            $side instanceof Product => self::product(array_map(
                static fn(Expression $factor): Expression => self::raised($factor, $index),
                $side->factors,
            )),
            $side instanceof Numeral => Numeral::of($side->value->power($index)),
            default => new Power($side, Numeral::of($index)),
        };
    }

    /** What squared gives a side, where a root is not needed to write it; one of the two that do. */
    public static function squareRoot(Expression $side): ?Expression
    {
        if ($side instanceof Quotient) {
            [$above, $below] = [self::squareRoot($side->numerator), self::squareRoot($side->denominator)];

            return $above === null || $below === null ? null : new Quotient($above, $below);
        }
        $terms = Polynomial::tryFrom($side)->terms ?? [];
        $number = \count($terms) === 1 ? $terms[0]->coefficient->squareRoot() : null;
        if ($number === null) {
            return null;
        }
        $factors = [Numeral::of($number)];
        foreach ($terms[0]->monomial->exponents as $letter => $exponent) {
            if ($exponent % 2 !== 0) {
                return null;
            }
            $factors[] = Monomial::power((string) $letter, intdiv($exponent, 2))->toExpression();
        }

        return self::product($factors);
    }

    /**
     * The root of a product, or of one over another, some factors of which are squares of letters: those stand outside.
     * As with every root of both sides the opposite is one as well, so that their signs do not matter.
     *
     * @return Expression|null null where no such factor stands there
     */
    public static function rootInPart(Expression $side): ?Expression
    {
        [$above, $below] = $side instanceof Quotient
            ? [self::squaresApart($side->numerator), self::squaresApart($side->denominator)]
            : [self::squaresApart($side), [[], []]];
        $outside = [...$above[0], ...$below[0]];
        $isOfLetters = array_filter($outside, static fn(Expression $factor): bool => !$factor->isNumber()) !== [];
        if (!$isOfLetters || ($above[1] === [] && $below[1] === [])) {
            return null;
        }
        if ($above[1] === []) {
            // k²/D has the root k/√D.
            return new Quotient(
                $above[0] === [] ? Numeral::of(1) : self::product($above[0]),
                self::product([...$below[0], new Root(self::product($below[1]))]),
            );
        }
        $under = self::product($above[1]);
        $root = new Root($below[1] === [] ? $under : new Quotient($under, self::product($below[1])));
        $front = self::product([...$above[0], $root]);

        return $below[0] === [] ? $front : new Quotient($front, self::product($below[0]));
    }

    /** @return array{list<Expression>, list<Expression>} the roots of the factors that are squares, and the others */
    private static function squaresApart(Expression $product): array
    {
        $parts = [[], []];
        foreach ($product->factors() as $factor) {
            $root = $factor->isOne() ? null : self::squareRoot($factor);
            $parts[$root === null ? 1 : 0][] = $root ?? $factor;
        }

        return [$parts[0], array_values(array_filter(
            $parts[1],
            static fn(Expression $factor): bool => !$factor->isOne(),
        ))];
    }

    /**
     * Numbers first and as one, the rest as it stands, products in products undone; a letter that stands there twice
     * once, as a power.
     *
     * @param list<Expression> $factors
     */
    public static function product(array $factors): Expression
    {
        $number = Rational::one();
        $rest = [];
        foreach ($factors as $factor) {
            foreach ($factor->factors() as $part) {
                $value = Polynomial::number($part);
                if ($value === null) {
                    $rest[] = $part;
                } else {
                    $number = $number->times($value);
                }
            }
        }
        if ($rest === []) {
            return Numeral::of($number);
        }
        $rest = self::together($rest);
        // π comes before letters, a bracket after them.
        $place = static fn(Expression $factor): int => match (true) {
            $factor instanceof Pi, $factor instanceof Power && $factor->base instanceof Pi => 0,
            $factor instanceof Sum => 2,
            default => 1,
        };
        usort($rest, static fn(Expression $first, Expression $second): int => $place($first) <=> $place($second));
        $size = $number->absolute();
        $whole = Product::withFront(Numeral::of($size), ...$rest);

        return $whole->signed($number->isNegative());
    }

    /**
     * @param list<Expression> $factors
     *
     * @return list<Expression>
     */
    private static function together(array $factors): array
    {
        $powers = [];
        $places = [];
        foreach ($factors as $place => $factor) {
            $base = $factor->base();
            $exponent = $factor->wholeExponent();
            if (!$base instanceof Letter || $exponent === null || $exponent < 1) {
                continue;
            }
            $first = $places[$base->name] ??= $place;
            $powers[$base->name] = ($powers[$base->name] ?? 0) + $exponent;
            if ($first !== $place) {
                $factors[$first] = new Power($base, Numeral::of($powers[$base->name]));
                unset($factors[$place]);
            }
        }

        return array_values($factors);
    }

    /**
     * A fraction without the letters and brackets that stand above and below; null where there are none. A sum gives
     * them off when each of its terms has them.
     */
    public static function cancelled(Expression $above, Expression $below): ?Expression
    {
        [$top, $bottom] = self::withoutCommon($above, $below);

        return $bottom === $below ? null : self::reduced($top, $bottom);
    }

    /** @return array{Expression, Expression} above and below, the same objects where they have nothing in common */
    private static function withoutCommon(Expression $above, Expression $below): array
    {
        foreach ($below->factors() as $factor) {
            $base = $factor->base();
            $common = min(self::exponent($above, $base), self::exponent($below, $base));
            if ($common > 0 && Polynomial::number($base) === null) {
                [$above, $below] = [self::without($above, $base, $common), self::without($below, $base, $common)];
            }
        }

        return [$above, $below];
    }

    /** How often something is a factor. */
    private static function exponent(Expression $of, Expression $base): int
    {
        return match (true) {
            $of->equals($base) => 1,
            $of instanceof Negative => self::exponent($of->operand, $base),
            $of instanceof Power && $of->exponent instanceof Numeral
                => self::exponent($of->base, $base) * max(0, $of->exponent->value->toInt() ?? 0),
            $of instanceof Product => array_sum(array_map(
                static fn(Expression $factor): int => self::exponent($factor, $base),
                $of->factors,
            )),
            $of instanceof Sum => min(\PHP_INT_MAX, ...array_map(
                static fn(Expression $term): int => self::exponent($term, $base),
                $of->terms,
            )),
            default => 0,
        };
    }

    /** @param int $times not more than it is a factor */
    private static function without(Expression $of, Expression $base, int $times): Expression
    {
        if ($times === 0) {
            return $of;
        }
        if ($of instanceof Product) {
            $factors = [];
            foreach ($of->factors as $factor) {
                $here = min($times, self::exponent($factor, $base));
                $factors[] = self::without($factor, $base, $here);
                $times -= $here;
            }

            return self::product($factors);
        }

        return match (true) {
            $of->equals($base) => Numeral::of(1),
            $of instanceof Negative => self::without($of->operand, $base, $times)->negated(),
            $of instanceof Sum => Sum::of(array_map(
                static fn(Expression $term): Expression => self::without($term, $base, $times),
                $of->terms,
            )),
            default => self::power($base, self::exponent($of, $base) - $times),
        };
    }

    private static function power(Expression $base, int $exponent): Expression
    {
        return match ($exponent) {
            0 => Numeral::of(1),
            1 => $base,
            default => new Power($base, Numeral::of($exponent)),
        };
    }

    /** A fraction whose numbers, letters and brackets have nothing in common. */
    private static function reduced(Expression $above, Expression $below): Expression
    {
        [$above, $below] = self::withoutCommon($above, $below);
        if ($below->isOne()) {
            return $above;
        }
        [$top, $bottom] = [self::front($above), self::front($below)];
        $common = $top->commonDivisor($bottom);
        if ($common->isOne() || $above instanceof Sum || $below instanceof Sum) {
            return new Quotient($above, $below);
        }
        $factor = Numeral::of($common->reciprocal());
        $below = self::product([$factor, $below]);
        $above = self::product([$factor, $above]);

        return $below->isOne() ? $above : new Quotient($above, $below);
    }

    private static function front(Expression $expression): Rational
    {
        return Polynomial::number($expression->factors()[0])?->absolute() ?? Rational::one();
    }
}
