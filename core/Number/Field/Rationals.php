<?php

declare(strict_types=1);

namespace Runel\Number\Field;

use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * The fractions.
 *
 * @implements Field<Rational>
 */
final readonly class Rationals implements Field
{
    public function number(Rational $value): Rational
    {
        return $value;
    }

    public function sum(array $values): Rational
    {
        $sum = $values[0];
        for ($place = 1, $count = \count($values); $place < $count; ++$place) {
            $sum = $sum->plus($values[$place]);
        }

        return $sum;
    }

    public function product(mixed $first, mixed $second): Rational
    {
        return $first->times($second);
    }

    public function opposite(mixed $value): Rational
    {
        return $value->negated();
    }

    public function quotient(mixed $numerator, mixed $denominator): Rational
    {
        return $numerator->dividedBy($denominator);
    }

    public function root(mixed $radicand, int $index): Rational
    {
        return ($index === 2 ? $radicand->squareRoot() : $radicand->exactRoot($index))
            ?? throw new NoExactValue("root of $radicand");
    }
}
