<?php

declare(strict_types=1);

namespace Runel\Number\Field;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * Decimals cut at fifty places, to round what π and roots of it come to; nothing is proved by them.
 *
 * @implements Field<BigDecimal>
 */
final readonly class FiftyPlaces implements Field
{
    private const PI = '3.14159265358979323846264338327950288419716939937510';

    private const PLACES = 50;
    private const SURE_PLACES = 30;
    /** Powers beyond this are none that anybody rounds. */
    private const LARGEST = '1e100';
    /** Of Newton's iteration, from twelve right places. */
    private const ROUNDS = 4;

    public function pi(): BigDecimal
    {
        return BigDecimal::of(self::PI);
    }

    /** So many places are left of fifty after what gets lost on the way. */
    public static function toThirty(BigDecimal $value): Rational
    {
        return Rational::ofDecimal((string) $value->toScale(self::SURE_PLACES, RoundingMode::HALF_UP));
    }

    public function number(Rational $value): BigDecimal
    {
        return BigRational::of((string) $value)->toScale(self::PLACES, RoundingMode::HALF_UP);
    }

    public function sum(array $values): BigDecimal
    {
        $sum = $values[0];
        for ($place = 1, $count = \count($values); $place < $count; ++$place) {
            $sum = $sum->plus($values[$place]);
        }

        return $sum;
    }

    public function product(mixed $first, mixed $second): BigDecimal
    {
        $product = $first->multipliedBy($second)->toScale(self::PLACES, RoundingMode::HALF_UP);

        return $product->abs()->isGreaterThan(self::LARGEST) ? throw new NoExactValue('too large') : $product;
    }

    public function opposite(mixed $value): BigDecimal
    {
        return $value->negated();
    }

    public function quotient(mixed $numerator, mixed $denominator): BigDecimal
    {
        return $denominator->isZero()
            ? throw new DivisionByZero()
            : $numerator->dividedBy($denominator, self::PLACES, RoundingMode::HALF_UP);
    }

    public function root(mixed $radicand, int $index): BigDecimal
    {
        if ($radicand->isNegative()) {
            return $index % 2 === 1
                ? $this->root($radicand->negated(), $index)->negated()
                : throw new NoExactValue('root');
        }

        return $index === 2 ? $radicand->sqrt(self::PLACES) : self::rootOfIndex($radicand, $index);
    }

    /** By Newton's iteration, from a float. */
    private static function rootOfIndex(BigDecimal $radicand, int $index): BigDecimal
    {
        if ($radicand->isZero()) {
            return $radicand;
        }
        $root = BigDecimal::of(\sprintf('%.12F', $radicand->toFloat() ** (1 / $index)));
        if ($root->isZero()) {
            throw new NoExactValue('too small');
        }
        // Each round doubles the places that are right.
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $quotient = $radicand->dividedBy($root->power($index - 1), 2 * self::PLACES, RoundingMode::HALF_UP);
            $root = $root->multipliedBy($index - 1)->plus($quotient)->dividedBy(
                $index,
                self::PLACES + 5,
                RoundingMode::HALF_UP,
            );
        }

        return $root->toScale(self::PLACES, RoundingMode::HALF_UP);
    }
}
