<?php

declare(strict_types=1);

namespace Runel\Number\Field;

use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * The fractions with square roots adjoined, that of −1 among them.
 *
 * @implements Field<Surd>
 */
final readonly class Surds implements Field
{
    public function number(Rational $value): Surd
    {
        return Surd::rational($value);
    }

    public function sum(array $values): Surd
    {
        $sum = $values[0];
        for ($place = 1, $count = \count($values); $place < $count; ++$place) {
            $sum = $sum->plus($values[$place]);
        }

        return $sum;
    }

    public function product(mixed $first, mixed $second): Surd
    {
        return $first->times($second);
    }

    public function opposite(mixed $value): Surd
    {
        return $value->negated();
    }

    public function quotient(mixed $numerator, mixed $denominator): Surd
    {
        return $numerator->dividedBy($denominator);
    }

    public function root(mixed $radicand, int $index): Surd
    {
        if ($index === 2) {
            return $radicand->squareRoot() ?? throw new NoExactValue("root of $radicand");
        }

        return Surd::rational(
            $radicand->toRational()?->exactRoot($index) ?? throw new NoExactValue("root of $radicand"),
        );
    }
}
