<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Limits;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Laws of powers taken for one another, and negative exponents for something they are not. */
final readonly class PowerRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(fn(Node $node): iterable => match (true) {
            !$node instanceof Expression => [],
            $this->slip === Slip::ExponentsAdded => $this->case === null ? self::raised($node) : self::terms($node),
            $this->slip === Slip::ExponentsMultiplied => self::multiplied($node),
            $this->slip === Slip::QuotientDegree => self::taken($node),
            $this->slip === Slip::SignOfProduct => self::negative($node),
            default => self::below($node),
        }, ...$this->places());
    }

    /** @return list<class-string<Node>> where it may be made; none: anywhere */
    private function places(): array
    {
        return match ($this->slip) {
            Slip::ExponentsAdded => [$this->case === null ? Power::class : Sum::class],
            Slip::ExponentsMultiplied => [Product::class],
            Slip::QuotientDegree => [Quotient::class],
            Slip::SignOfProduct => [],
            default => [Product::class],
        };
    }

    /** @return iterable<Expression> a power raised: (2x³)² as 4x⁵ or 2x⁵ */
    private static function raised(Expression $node): iterable
    {
        $exponent = self::exponent($node);
        $factors = $node instanceof Power ? $node->base->factors() : [];
        $powers = array_filter($factors, static fn(Expression $factor): bool => $factor instanceof Power);
        if ($exponent === null || $exponent < 2 || $powers === []) {
            return;
        }
        foreach ([true, false] as $raises) {
            yield Product::of(array_map(static fn(Expression $factor): Expression => match (true) {
                $factor->isNumber() => $raises ? new Power($factor, Numeral::of($exponent)) : $factor,
                default => self::to($factor->base(), (self::exponent($factor) ?? 1) + $exponent),
            }, $factors));
        }
    }

    /** @return iterable<Expression> like powers added: x³ + x³ as x⁶ */
    private static function terms(Expression $node): iterable
    {
        $terms = $node instanceof Sum ? $node->terms : [];
        $first = $terms === [] ? null : $terms[0];
        $exponent = $first === null ? null : self::exponent($first);
        if ($first !== null && $exponent !== null && array_filter(
            $terms,
            static fn(Expression $term): bool => !$term->equals($first),
        ) === []) {
            yield self::to($first->base(), \count($terms) * $exponent);
        }
    }

    /** @return iterable<Expression> x⁻² · x⁵ as x⁻¹⁰ */
    private static function multiplied(Expression $node): iterable
    {
        $powers = $node instanceof Product ? $node->factors : [];
        if (\count($powers) !== 2 || !$powers[0]->base()->equals($powers[1]->base())) {
            return;
        }
        [$one, $other] = [self::exponent($powers[0]) ?? 1, self::exponent($powers[1]) ?? 1];
        if (min($one, $other) < 0) {
            yield self::to($powers[0]->base(), $one * $other);
        }
    }

    /** @return iterable<Expression> x⁴ over x⁻² as x² */
    private static function taken(Expression $node): iterable
    {
        $below = $node instanceof Quotient ? $node->denominator->factors() : [];
        foreach ($below as $place => $factor) {
            $exponent = self::exponent($factor);
            if ($node instanceof Quotient && $exponent !== null && $exponent < 0) {
                $below[$place] = self::to($factor->base(), -$exponent);
                yield new Quotient($node->numerator, Product::of($below));
            }
        }
    }

    /** @return iterable<Expression> 5x⁻² as −5x² */
    private static function negative(Expression $node): iterable
    {
        $factors = $node->factors();
        $last = $factors[\count($factors) - 1];
        $exponent = self::exponent($last);
        if ($exponent !== null && $exponent < 0) {
            yield new Negative(Product::of([
                ...\array_slice($factors, 0, -1),
                self::to($last->base(), -$exponent),
            ]));
        }
    }

    /** @return iterable<Expression> 2x⁻³ as 1 over 2x³ */
    private static function below(Expression $node): iterable
    {
        $factors = $node instanceof Product ? $node->factors : [];
        $exponent = \count($factors) < 2 ? null : self::exponent($factors[\count($factors) - 1]);
        if ($exponent !== null && $exponent < 0 && $factors[0]->isNumber()) {
            yield new Quotient(Numeral::of(1), Product::of([
                ...\array_slice($factors, 0, -1),
                self::to($factors[\count($factors) - 1]->base(), -$exponent),
            ]));
        }
    }

    private static function exponent(Expression $power): ?int
    {
        $exponent = $power instanceof Power ? $power->wholeExponent() : null;

        return $exponent === null || abs($exponent) > Limits::DEGREE ? null : $exponent;
    }

    private static function to(Expression $base, int $exponent): Expression
    {
        return new Power($base, Numeral::of($exponent));
    }
}
