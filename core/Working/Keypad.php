<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\RealNumber;
use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Style\Calculator;

/** Which keys give a number, and what comes out when the brackets are left away. */
final class Keypad
{
    /** Null for what has nothing to be worked out, or no keys. */
    public static function of(Expression $number, Calculator $kind): ?CalculatorFigure
    {
        $bare = $number->bare();
        if ($bare instanceof Numeral) {
            return null;
        }
        try {
            $keys = Keying::of($number, $kind);
        } catch (NotKeyable) {
            return null;
        }
        $other = WithoutBrackets::of($number, $kind);
        $value = $other === null ? null : RealNumber::of($other);
        if ($other === null || $value === null || RealNumber::of($number)?->equals($value) !== false) {
            return new CalculatorFigure($number, $keys, null, []);
        }
        try {
            $wrong = Keying::of($other, $kind);
        } catch (NotKeyable) {
            return new CalculatorFigure($number, $keys, null, []);
        }

        // Where no display tells them apart, there is nothing to see.
        return \array_slice($keys, -1) === \array_slice($wrong, -1)
            ? new CalculatorFigure($number, $keys, null, [])
            : new CalculatorFigure($number, $keys, $other, $wrong);
    }
}
