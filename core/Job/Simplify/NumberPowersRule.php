<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Number\Rational;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Powers of numbers multiplied or divided by the wrong law, or raised to 0. */
final readonly class NumberPowersRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(fn(Node $node): iterable => match (true) {
            $this->slip === Slip::ZeroExponent => self::toZero($node),
            $node instanceof Product => $this->multiplied($node),
            $node instanceof Quotient => $this->divided($node),
            default => [],
        });
    }

    /** @return iterable<Expression> a⁰ taken for 0, or for a */
    private static function toZero(Node $node): iterable
    {
        if ($node instanceof Power && $node->exponent->isZero()) {
            yield Numeral::of(0);
            yield $node->base;
        }
    }

    /** @return iterable<Expression> two neighbours at a time */
    private function multiplied(Product $product): iterable
    {
        for ($place = 1; $place < \count($product->factors); ++$place) {
            [$first, $second] = [self::read($product->factors[$place - 1]), self::read($product->factors[$place])];
            if ($first === null || $second === null) {
                continue;
            }
            $isAlike = $first[0]->equals($second[0]);
            $both = match (true) {
                $this->slip === Slip::BasesMultiplied =>
                    self::power($first[0]->times($second[0]), $first[1] + $second[1]),
                $this->slip === Slip::ExponentsMultiplied && $isAlike => self::power($first[0], $first[1] * $second[1]),
                default => null,
            };
            if ($both !== null) {
                $factors = $product->factors;
                array_splice($factors, $place - 1, 2, [$both]);
                yield \count($factors) > 1 ? Product::apart($factors) : $both;
            }
        }
    }

    /** @return iterable<Expression> */
    private function divided(Quotient $quotient): iterable
    {
        [$above, $below] = [self::read($quotient->numerator), self::read($quotient->denominator)];
        if ($above === null || $below === null || !$above[0]->equals($below[0])) {
            return;
        }
        if ($this->slip === Slip::BasesMultiplied) {
            yield self::power(Rational::one(), $above[1] - $below[1]);
        }
        if ($this->slip === Slip::QuotientDegree && $below[1] !== 0 && $above[1] % $below[1] === 0) {
            yield self::power($above[0], intdiv($above[1], $below[1]));
        }
    }

    /** @return array{Rational, int}|null base and exponent of a power of a number, or of a number */
    private static function read(Expression $factor): ?array
    {
        [$base, $exponent] = $factor instanceof Power
            ? [$factor->base->number(), $factor->wholeExponent()]
            : [$factor->number(), 1];

        return $base === null || $exponent === null ? null : [$base, $exponent];
    }

    private static function power(Rational $base, int $exponent): Power
    {
        return new Power(Numeral::of($base), Numeral::of($exponent));
    }
}
