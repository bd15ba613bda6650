<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Line;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Field\Surds;
use Runel\Number\Integers;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/** Numbers p + q√n worked out as on paper, inside before outside; a product of two of them in all four parts. */
final readonly class RootArithmetic
{
    /** Nested deeper than this, the rest is worked out at once. */
    private const ROUNDS = 14;

    /** @param Evaluation<Surd> $evaluation shared, so that no part is worked out twice */
    private function __construct(private Evaluation $evaluation) {}

    /**
     * @return list<Line> each from the one before, the last ends in the value; none where the numbers are too large
     */
    public static function lines(Expression $written): array
    {
        $arithmetic = new self(Evaluation::at(new Surds(), []));
        $lines = [];
        $reached = $written;
        try {
            for ($round = 1; $round <= self::ROUNDS; ++$round) {
                $next = $round === self::ROUNDS
                    ? self::written($arithmetic->evaluation->of($reached))
                    : $arithmetic->worked($reached);
                if ($next->equals($reached)) {
                    return $lines;
                }
                $lines[] = Line::side($reached, $next);
                $reached = $next;
            }
        } catch (NoExactValue) {
            return [];
        }

        return $lines;
    }

    /** @throws NoExactValue where the numbers are too large, or have more than one root in them */
    private function worked(Expression $expression): Expression
    {
        $value = self::written($this->evaluation->of($expression));
        if ($value->equals($expression)) {
            return $expression;
        }
        $parts = [];
        $changed = false;
        foreach ($expression->children() as $child) {
            $part = $child instanceof Expression ? $this->worked($child) : $child;
            $changed = $changed || $part !== $child;
            $parts[] = $part;
        }
        if ($changed) {
            $rebuilt = $expression->withChildren($parts);

            return $rebuilt instanceof Expression ? $rebuilt : $value;
        }
        if ($expression instanceof Power && Evaluation::exponent($expression) === 2) {
            return self::square($this->evaluation->of($expression->base)) ?? $value;
        }
        if ($expression instanceof Product && \count($expression->factors) === 2) {
            return self::fourParts(...array_map($this->evaluation->of(...), $expression->factors)) ?? $value;
        }

        return $value;
    }

    /** (p + q√n)² = (p² + 2pq√n + q²n), over what they stand over; null where there is only one part. */
    private static function square(Surd $value): ?Expression
    {
        [$number, $root, $inside] = self::split($value);
        if ($number->isZero() || $root->isZero()) {
            return null;
        }
        $inside = Rational::of($inside);

        return self::over($number, $root, $number, $root, [
            Surd::rational($number->times($number)),
            self::rooted($number->times($root)->times(Rational::of(2)), $inside),
            Surd::rational($root->times($root)->times($inside)),
        ]);
    }

    /** (p + q√n)(r + s√n) in its four parts; null where one of them has only one part. */
    private static function fourParts(Surd $left, Surd $right): ?Expression
    {
        [$number, $root, $inside] = self::split($left);
        [$other, $second, $same] = self::split($right);
        if (\in_array(true, [$number->isZero(), $root->isZero(), $other->isZero(), $second->isZero()], true)) {
            return null;
        }
        if ($inside !== $same) {
            throw new NoExactValue('two different roots');
        }
        $inside = Rational::of($inside);

        return self::over($number, $root, $other, $second, [
            Surd::rational($number->times($other)),
            self::rooted($number->times($second), $inside),
            self::rooted($root->times($other), $inside),
            Surd::rational($root->times($second)->times($inside)),
        ]);
    }

    /**
     * The parts as one sum over the product of the two denominators they came from.
     *
     * @param non-empty-list<Surd> $parts
     */
    private static function over(
        Rational $number,
        Rational $root,
        Rational $other,
        Rational $second,
        array $parts,
    ): Expression {
        $below = self::common($number, $root)->times(self::common($other, $second));
        $above = Sum::of(array_map(
            static fn(Surd $part): Expression => self::written($part->times(Surd::rational($below))),
            $parts,
        ));

        return $below->isOne() ? $above : new Quotient($above, Numeral::of($below));
    }

    private static function common(Rational $first, Rational $second): Rational
    {
        $one = $first->denominator()->toInt() ?? throw new NoExactValue("denominator of $first");
        $two = $second->denominator()->toInt() ?? throw new NoExactValue("denominator of $second");

        return Rational::of(intdiv($one, Integers::gcd($one, $two)))->times(Rational::of($two));
    }

    private static function rooted(Rational $coefficient, Rational $inside): Surd
    {
        return Surd::rational($coefficient)->times(Surd::rootOf($inside));
    }

    /** @return array{Rational, Rational, int} p, q and n of p + q√n; n is negative where i stands in it */
    private static function split(Surd $value): array
    {
        $parts = $value->parts;
        $number = $parts[1] ?? Rational::zero();
        unset($parts[1]);
        if (\count($parts) > 1) {
            throw new NoExactValue('more than one root');
        }
        $inside = array_key_first($parts) ?? 1;

        return [$number, $parts[$inside] ?? Rational::zero(), $inside];
    }

    private static function written(Surd $value): Expression
    {
        [$number, $root, $inside] = self::split($value);
        if ($root->isZero()) {
            return Numeral::of($number);
        }
        $size = SquareRoot::simple($root->absolute(), abs($inside));
        $size = $inside < 0 ? $size->ofOpposite() : $size;

        return $size->beside($number, $root->isNegative(), true);
    }
}
