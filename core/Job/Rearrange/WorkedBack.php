<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Notation\Ascii;
use Runel\Number\Rational;

/**
 * A side into which a formula was put, worked out until it is the other side again: the innermost first, what stands
 * above and below a bar cancelled, a root under its own power undone, terms that cancel left out.
 */
final class WorkedBack
{
    /** Longer than this no board shows it. */
    private const ROUNDS = 8;

    /** @return list<Line> from what is put in to the other side; none where the way does not lead there */
    public static function lines(Expression $put, Expression $other): array
    {
        $lines = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $next = self::once($put);
            $arrives = self::key($next) === self::key($other);
            $reached = $arrives ? $other : $next;
            if (Ascii::write($reached) !== Ascii::write($put)) {
                $lines[] = Line::side($put, $reached);
            }
            if ($arrives) {
                return $lines;
            }
            if ($next === $put) {
                return [];
            }
            $put = $next;
        }

        return [];
    }

    /** One step at the innermost places that allow one; the same object where none does. */
    private static function once(Expression $expression): Expression
    {
        $changed = false;
        $children = [];
        foreach ($expression->children() as $child) {
            if (!$child instanceof Expression) {
                return $expression;
            }
            $children[] = $next = self::once($child);
            $changed = $changed || $next !== $child;
        }
        if ($changed) {
            $rebuilt = $expression->withChildren($children);

            return $rebuilt instanceof Expression ? $rebuilt : $expression;
        }

        return match (true) {
            $expression instanceof Sum => self::sum($expression),
            $expression instanceof Product => self::distributed($expression) ?? self::cancelled($expression),
            $expression instanceof Quotient => self::cancelled($expression),
            $expression instanceof Power => self::power($expression),
            default => $expression,
        };
    }

    /** Like terms put together, those in inner brackets, too. */
    private static function sum(Sum $sum): Expression
    {
        $numbers = [];
        $rests = [];
        foreach (self::flat($sum, false) as $term) {
            [$number, $rest] = self::coefficient($term);
            $key = self::key($rest);
            $numbers[$key] = ($numbers[$key] ?? Rational::zero())->plus($number);
            $rests[$key] ??= $rest;
        }
        $terms = [];
        foreach ($numbers as $key => $number) {
            if ($number->isZero()) {
                continue;
            }
            $size = Numeral::of($number->absolute());
            $rest = $rests[$key];
            $term = $rest->isOne() ? $size : ($size->isOne() ? $rest : Product::of([$size, ...$rest->factors()]));
            $terms[] = $number->isNegative() ? new Negative($term) : $term;
        }
        $collected = Sum::of($terms);

        return self::key($collected) === self::key($sum) ? $sum : $collected;
    }

    /** @return list<Expression> */
    private static function flat(Expression $expression, bool $turned): array
    {
        if ($expression instanceof Negative) {
            return self::flat($expression->operand, !$turned);
        }
        if ($expression instanceof Sum) {
            return array_merge(...array_map(
                static fn(Expression $term): array => self::flat($term, $turned),
                $expression->terms,
            ));
        }

        return [$turned ? new Negative($expression) : $expression];
    }

    /** @return array{Rational, Expression} the number that is a factor of a term, and the rest */
    private static function coefficient(Expression $term): array
    {
        if ($term instanceof Negative) {
            [$number, $rest] = self::coefficient($term->operand);

            return [$number->negated(), $rest];
        }
        $number = Rational::one();
        $rest = [];
        foreach ($term->factors() as $factor) {
            $own = $factor->number();
            $number = $own === null ? $number : $number->times($own);
            $rest = $own === null ? [...$rest, $factor] : $rest;
        }

        return [$number, Product::of($rest)];
    }

    /** A factor times each term of a sum in which something cancels with it; null where nothing does. */
    private static function distributed(Product $product): ?Expression
    {
        foreach ($product->factors as $place => $factor) {
            if (!$factor instanceof Sum) {
                continue;
            }
            $others = array_values(array_diff_key($product->factors, [$place => true]));
            $shares = static fn(Expression $term): bool => $term->bare() instanceof Quotient && self::cancels(
                $others,
                $term->bare()->denominator,
            );
            if (array_filter($factor->terms, $shares) === []) {
                continue;
            }

            return Sum::of(array_map(static fn(Expression $term): Expression => $term instanceof Negative
                ? new Negative(Product::of([...$others, $term->operand]))
                : Product::of([...$others, $term]), $factor->terms));
        }

        return null;
    }

    /** @param list<Expression> $factors */
    private static function cancels(array $factors, Expression $denominator): bool
    {
        [, $above] = self::split(Product::of($factors));
        [, $below] = self::split($denominator);

        return $below === []
            ? $denominator->isNumber()
            : array_intersect_key($below, $above) !== [];
    }

    private static function cancelled(Product|Quotient $expression): Expression
    {
        [$number, $factors] = self::split($expression);
        $above = [];
        $below = [];
        foreach ($factors as [$base, $exponent]) {
            $power = static fn(int $size): Expression => $size === 1
                ? $base
                : new Power($base, Numeral::of($size));
            if ($exponent > 0) {
                $above[] = $power($exponent);
            }
            if ($exponent < 0) {
                $below[] = $power(-$exponent);
            }
        }
        $size = $number->absolute();
        if (!$size->numerator()->isOne()) {
            array_unshift($above, Numeral::of($size->numerator()));
        }
        if (!$size->denominator()->isOne()) {
            array_unshift($below, Numeral::of($size->denominator()));
        }
        $reduced = $below === [] ? Product::of($above) : new Quotient(Product::of($above), Product::of($below));
        $reduced = $number->isNegative() ? new Negative($reduced) : $reduced;

        return self::key($reduced) === self::key($expression) ? $expression : $reduced;
    }

    /**
     * The number in an expression, and how often each other factor stands in it: below the bar less often than never.
     *
     * @return array{Rational, array<string, array{Expression, int}>}
     */
    private static function split(Expression $expression): array
    {
        $number = $expression->number();
        if ($number !== null && !$number->isZero()) {
            return [$number, []];
        }
        $exponent = $expression instanceof Power ? $expression->exponent->number()?->toInt() : null;
        [$parts, $turns] = match (true) {
            $expression instanceof Negative => [[$expression->operand], [1]],
            $expression instanceof Product => [$expression->factors, array_fill(0, \count($expression->factors), 1)],
            $expression instanceof Quotient => [[$expression->numerator, $expression->denominator], [1, -1]],
            $expression instanceof Power && $exponent !== null && $exponent > 0 && !$expression->base->isNumber() => [
                [$expression->base],
                [$exponent],
            ],
            default => [null, []],
        };
        if ($parts === null) {
            return [Rational::one(), [self::key($expression) => [$expression, 1]]];
        }
        $number = Rational::of($expression instanceof Negative ? -1 : 1);
        $factors = [];
        foreach ($parts as $place => $part) {
            [$own, $inner] = self::split($part);
            $number = $number->times(($turns[$place] < 0 ? $own->reciprocal() : $own)->power(abs($turns[$place])));
            foreach ($inner as $key => [$base, $times]) {
                $factors[$key] = [$base, ($factors[$key][1] ?? 0) + $times * $turns[$place]];
            }
        }

        return [$number, $factors];
    }

    /** A root under its own power goes; a power of a product or a quotient goes to each part of it. */
    private static function power(Power $power): Expression
    {
        $exponent = $power->exponent->number()?->toInt();

        return match (true) {
            $power->base instanceof Root && $power->base->index === $exponent => $power->base->radicand,
            $power->base instanceof Quotient => new Quotient(
                new Power($power->base->numerator, $power->exponent),
                new Power($power->base->denominator, $power->exponent),
            ),
            default => $power,
        };
    }

    /** How an expression is written when its terms and factors are put in one order. */
    private static function key(Expression $expression): string
    {
        $children = array_map(
            static fn(Expression $child): string => self::key($child),
            array_values(array_filter(
                $expression instanceof Sum ? self::flat($expression, false) : (
                    $expression instanceof Product ? self::factors($expression) : $expression->children()
                ),
                static fn($child): bool => $child instanceof Expression,
            )),
        );
        if ($children === []) {
            return Ascii::write(Rewriter::unmarked($expression));
        }
        if ($expression instanceof Sum || $expression instanceof Product) {
            sort($children);
        }

        return $expression::class . ($expression instanceof Root ? $expression->index : '')
            . '(' . implode(',', $children) . ')';
    }

    /** @return list<Expression> those of products within it, too */
    private static function factors(Expression $expression): array
    {
        return $expression instanceof Product
            ? array_merge(...array_map(self::factors(...), $expression->factors))
            : [$expression];
    }
}
