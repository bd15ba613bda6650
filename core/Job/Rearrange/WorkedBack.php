<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
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
 * above and below a bar cancelled, a root under its own power undone, fractions put over one bar, terms that cancel
 * left out. Where the other side is a sum of fractions itself, both are worked until they meet.
 */
final readonly class WorkedBack
{
    /** Longer than this no board shows it. */
    private const ROUNDS = 8;

    /** @var \WeakMap<Expression, string> what has been compared comes again in every round */
    private \WeakMap $keys;

    /** @param int $fractions so many in a sum are put over one bar */
    private function __construct(private int $fractions)
    {
        $this->keys = new \WeakMap();
    }

    /** @return list<Line> from what is put in to the other side; none where the way does not lead there */
    public static function lines(Expression $put, Expression $other): array
    {
        // A fraction beside plain terms is left as it is where that leads there, too.
        return (new self(2))->meeting($put, $other) ?: (new self(1))->meeting($put, $other);
    }

    /** @return list<Line> */
    private function meeting(Expression $put, Expression $other): array
    {
        [$lines, $reached] = $this->worked($put, $other);
        if ($this->key($reached) === $this->key($other)) {
            return $lines;
        }
        if ($this->goesInto($reached, $other)) {
            return [...$lines, Line::side($reached, $other)];
        }
        [$back, $met] = $this->worked($other, $reached);

        return $this->key($met) === $this->key($reached) ? [...$lines, ...$back] : [];
    }

    /** Whether what stands above a bar is what stands below times the value. */
    private function goesInto(Expression $fraction, Expression $value): bool
    {
        if (!$fraction instanceof Quotient || $this->fractions > 1 || Inside::holds($value, Quotient::class)) {
            return false;
        }
        [, $product] = $this->worked(Product::of([...$value->factors(), $fraction->denominator]), $fraction->numerator);

        return $this->key($product) === $this->key($fraction->numerator);
    }

    /** @return array{list<Line>, Expression} the lines, and what they come to: the goal, or as far as it goes */
    private function worked(Expression $from, Expression $goal): array
    {
        $lines = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $next = $this->once($from);
            $arrives = $this->key($next) === $this->key($goal);
            $reached = $arrives ? $goal : $next;
            if (Ascii::write($reached) !== Ascii::write($from)) {
                $lines[] = Line::side($from, $reached);
            }
            if ($arrives || $next === $from) {
                return [$lines, $reached];
            }
            $from = $next;
        }

        return [$lines, $from];
    }

    /** One step at the innermost places that allow one; the same object where none does. */
    private function once(Expression $expression): Expression
    {
        $changed = false;
        $children = [];
        foreach ($expression->children() as $child) {
            if (!$child instanceof Expression) {
                return $expression;
            }
            $children[] = $next = $this->once($child);
            $changed = $changed || $next !== $child;
        }
        if ($changed) {
            $rebuilt = $expression->withChildren($children);

            return $rebuilt instanceof Expression ? $rebuilt : $expression;
        }

        return match (true) {
            $expression instanceof Sum => $this->sum($expression),
            $expression instanceof Product => $this->distributed($expression) ?? $this->product($expression),
            $expression instanceof Quotient => $this->cancelled($expression),
            $expression instanceof Power => self::power($expression),
            default => $expression,
        };
    }

    /** What cancels cancelled; where fractions are to be worked out at any price, what does not is multiplied out. */
    private function product(Product $product): Expression
    {
        $reduced = $this->cancelled($product);

        return $reduced === $product && $this->fractions === 1
            ? self::multipliedOut([$product]) ?? $product
            : $reduced;
    }

    /** Like terms put together, those in inner brackets, too. */
    private function sum(Sum $sum): Expression
    {
        $numbers = [];
        $rests = [];
        foreach (self::flat($sum, false) as $term) {
            [$number, $rest] = self::coefficient($term);
            $key = $this->key($rest);
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
            $terms[] = $term->signed($number->isNegative());
        }
        $collected = Sum::of($terms);

        return $this->key($collected) === $this->key($sum)
            ? $this->overOneBar($sum) ?? self::multipliedOut(self::flat($sum, false)) ?? $sum
            : $collected;
    }

    /** Fractions with something below put over what all of them go into; null where at most one has something below. */
    private function overOneBar(Sum $sum): ?Expression
    {
        $terms = self::flat($sum, false);
        $common = [];
        $parts = [];
        foreach ($terms as $term) {
            $bare = $term->bare();
            [$number, $factors] = $this->split($bare instanceof Quotient ? $bare->denominator : Numeral::of(1));
            if (!$number->isOne()) {
                return null;
            }
            $parts[] = [$bare->above(), $factors, $term instanceof Negative];
            foreach ($factors as $key => [$base, $times]) {
                $common[$key] = [$base, max($common[$key][1] ?? 0, $times)];
            }
        }
        if (\count($parts) < 2
            || \count(array_filter($parts, static fn(array $part): bool => $part[1] !== [])) < $this->fractions) {
            return null;
        }
        $above = [];
        foreach ($parts as [$numerator, $factors, $isMinus]) {
            $missing = [];
            foreach ($common as $key => [$base, $times]) {
                $missing[] = [$base, $times - ($factors[$key][1] ?? 0)];
            }
            $scale = self::powers($missing);
            $scaled = Product::of($numerator->isOne() && $scale !== [] ? $scale : [...$scale, $numerator]);
            $above[] = $scaled->signed($isMinus);
        }

        return new Quotient(Sum::of($above), Product::of(self::powers(array_values($common))));
    }

    /**
     * @param list<array{Expression, int}> $factors each with how often it stands there; never and less are left out
     *
     * @return list<Expression>
     */
    private static function powers(array $factors): array
    {
        $powers = [];
        foreach ($factors as [$base, $times]) {
            if ($times > 0) {
                $powers[] = $times === 1 ? $base : new Power($base, Numeral::of($times));
            }
        }

        return $powers;
    }

    /**
     * The first product with a sum in it multiplied out, as far as one sum goes; null where there is none.
     *
     * @param list<Expression> $terms
     */
    private static function multipliedOut(array $terms): ?Expression
    {
        foreach ($terms as $place => $term) {
            $isMinus = $term instanceof Negative;
            $factors = ($isMinus ? $term->operand : $term)->factors();
            foreach ($factors as $at => $factor) {
                if (!$factor->bare() instanceof Sum || \count($factors) === 1) {
                    continue;
                }
                $others = array_values(array_diff_key($factors, [$at => true]));
                $times = static fn(Expression $one): Expression => Product::of([
                    ...$others,
                    ...$one->bare()->factors(),
                ]);
                $shared = array_map(
                    static fn(Expression $one): Expression => ($one instanceof Negative) === $isMinus
                        ? $times($one)
                        : new Negative($times($one)),
                    $factor->terms(),
                );

                return Sum::of([...\array_slice($terms, 0, $place), ...$shared, ...\array_slice($terms, $place + 1)]);
            }
        }

        return null;
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

        return [$expression->signed($turned)];
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
    private function distributed(Product $product): ?Expression
    {
        foreach ($product->factors as $place => $factor) {
            if (!$factor instanceof Sum) {
                continue;
            }
            $others = array_values(array_diff_key($product->factors, [$place => true]));
            $shares = fn(Expression $term): bool => $term->bare() instanceof Quotient && $this->cancels(
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
    private function cancels(array $factors, Expression $denominator): bool
    {
        [, $above] = $this->split(Product::of($factors));
        [, $below] = $this->split($denominator);

        return $below === []
            ? $denominator->isNumber()
            : array_intersect_key($below, $above) !== [];
    }

    private function cancelled(Product|Quotient $expression): Expression
    {
        [$number, $factors] = $this->split($expression);
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
        $reduced = $reduced->signed($number->isNegative());

        return $this->key($reduced) === $this->key($expression) ? $expression : $reduced;
    }

    /**
     * The number in an expression, and how often each other factor stands in it: below the bar less often than never.
     *
     * @return array{Rational, array<string, array{Expression, int}>}
     */
    private function split(Expression $expression): array
    {
        $number = $expression->number();
        if ($number !== null && !$number->isZero()) {
            return [$number, []];
        }
        $exponent = $expression->wholeExponent();
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
            return [Rational::one(), [$this->key($expression) => [$expression, 1]]];
        }
        $number = Rational::of($expression instanceof Negative ? -1 : 1);
        $factors = [];
        foreach ($parts as $place => $part) {
            [$own, $inner] = $this->split($part);
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
        $exponent = $power->wholeExponent();

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
    private function key(Expression $expression): string
    {
        return $this->keys[$expression] ??= $this->keyed($expression);
    }

    private function keyed(Expression $expression): string
    {
        $children = array_map(
            fn(Expression $child): string => $this->key($child),
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
