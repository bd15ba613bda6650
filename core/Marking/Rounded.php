<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/** Numbers that are rounded from others: right where the exact ones round to them, to as many places as are written. */
final class Rounded
{
    /** Nobody writes more places. */
    private const MOST = 30;

    /**
     * Which of the exact values a decimal is rounded from.
     *
     * @param list<Expression> $exact
     *
     * @return array{Expression, int}|null the value and the number of places; null where it is no decimal, or of none
     */
    public static function from(Expression $decimal, array $exact): ?array
    {
        $bare = $decimal->bare();
        if (!$bare instanceof Numeral || !$bare->value->isDecimal()) {
            return null;
        }
        $value = $decimal instanceof Negative ? $bare->value->negated() : $bare->value;
        $places = self::places($value);
        $written = Surd::rational($value)->toDecimal($places);
        foreach ($exact as $one) {
            if (self::rounds($one, $places) === $written) {
                return [$one, $places];
            }
        }

        return null;
    }

    private static function rounds(Expression $value, int $places): ?string
    {
        try {
            $surd = Evaluation::at(new Surds(), [])->of($value);

            return $surd instanceof Surd && $surd->isReal() ? $surd->toDecimal($places) : null;
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
    }

    /** How many places a decimal has, zeros at its end not counted. */
    private static function places(Rational $value): int
    {
        $places = 0;
        while (!$value->isInteger() && $places < self::MOST) {
            $value = $value->times(Rational::of(10));
            ++$places;
        }

        return $places;
    }
}
