<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Field\Surds;

/** Which keys give the decimal of a solution, and what a plain calculator's display says after each. */
final class Keypad
{
    private const PLACES = 6;

    /** The keys for m ± q√n over d; null for what is shaped otherwise. */
    public static function of(Expression $solution): ?CalculatorFigure
    {
        $top = $solution instanceof Quotient ? $solution->numerator : $solution;
        $below = $solution instanceof Quotient ? $solution->denominator : null;
        if (!$top instanceof Sum || \count($top->terms) !== 2 || ($below !== null && !$below instanceof Numeral)) {
            return null;
        }
        $keys = [];
        $sum = self::keyed($top, $keys);
        if (!$sum) {
            return null;
        }
        $shown = self::shown($top);
        if ($below === null) {
            return new CalculatorFigure($solution, [...$keys, ['=', $shown]], null, []);
        }
        $divisor = self::digits($below);
        $last = $top->terms[1];
        $negative = $last instanceof Negative;
        $divided = new Quotient($negative ? $last->operand : $last, $below);
        $other = Sum::of([$top->terms[0], $negative ? new Negative($divided) : $divided]);

        return new CalculatorFigure(
            $solution,
            [['(', ''], ...$keys, [')', $shown], ['÷', $shown], [$divisor, $divisor], ['=', self::shown($solution)]],
            $other,
            [...$keys, ['÷', self::shown($negative ? $last->operand : $last)], [$divisor, $divisor], [
                '=',
                self::shown($other),
            ]],
        );
    }

    /** @param list<array{string, string}> $keys */
    private static function keyed(Sum $sum, array &$keys): bool
    {
        [$number, $second] = $sum->terms;
        $size = $number->bare();
        $root = $second->bare();
        if (!$size instanceof Numeral) {
            return false;
        }
        $first = self::digits($size);
        $keys[] = [$first, $first];
        if ($number instanceof Negative) {
            $keys[] = ['±', "−$first"];
        }
        $keys[] = [$second instanceof Negative ? '−' : '+', self::shown($number)];
        $factors = $root->factors();
        $inner = $factors[\count($factors) - 1];
        if (!$inner instanceof Root || !$inner->radicand instanceof Numeral || \count($factors) > 2) {
            return false;
        }
        if (\count($factors) === 2) {
            if (!$factors[0] instanceof Numeral) {
                return false;
            }
            $keys[] = [self::digits($factors[0]), self::digits($factors[0])];
            $keys[] = ['×', self::digits($factors[0])];
        }
        $keys[] = [self::digits($inner->radicand), self::digits($inner->radicand)];
        $keys[] = ['√', self::shown($inner)];

        return true;
    }

    private static function digits(Numeral $number): string
    {
        return (string) $number->value;
    }

    /** The number as a display shows it. */
    private static function shown(Expression $expression): string
    {
        $value = Evaluation::at(new Surds(), [])->of($expression);
        $decimal = $value->toRational()?->isInteger() === true
            ? (string) $value->toRational()
            : rtrim($value->toDecimal(self::PLACES), '0');

        return str_replace('-', '−', $decimal);
    }
}
