<?php

declare(strict_types=1);

namespace Runel\Number\Field;

use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * Machine numbers, for drawing curves and for passing over what is certainly different; nothing is proved by them.
 *
 * @implements OpenPowers<float>
 */
final readonly class Floats implements OpenPowers
{
    public function number(Rational $value): float
    {
        return $value->toFloat();
    }

    public function sum(array $values): float
    {
        return array_sum($values);
    }

    public function product(mixed $first, mixed $second): float
    {
        return $first * $second;
    }

    public function opposite(mixed $value): float
    {
        return -$value;
    }

    public function quotient(mixed $numerator, mixed $denominator): float
    {
        return $denominator === 0.0 ? throw new DivisionByZero() : $numerator / $denominator;
    }

    public function openPower(mixed $base, mixed $exponent): float
    {
        return $base > 0 ? $base ** $exponent : throw new NoExactValue('an open power of what is not positive');
    }

    public function root(mixed $radicand, int $index): float
    {
        if ($radicand < 0) {
            return $index % 2 === 1 ? -((-$radicand) ** (1 / $index)) : throw new NoExactValue(
                'root of a negative number',
            );
        }

        return $radicand ** (1 / $index);
    }
}
