<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Figure\LongDivisionFigure as LongDivisionFigure;
use Runel\Demonstration\Figure\LongDivisionRound;
use Runel\Expression\Expression;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;

/** The rounds of a long division, worked out column by column. */
final class Rounds
{
    /** The figure with nothing but dividend and divisor written. */
    public static function figure(Division $division): LongDivisionFigure
    {
        $letter = $division->letter;
        $divisor = $division->divisor->coefficients($letter);
        $dividend = $division->dividend->coefficients($letter);
        $top = $division->dividend->degree();
        $width = \count($divisor) - 1;
        $rounds = [];
        // What stands in each column at the moment, by power.
        $standing = array_combine(range($top, 0), $dividend);
        for ($power = $top - $width; $power >= 0; --$power) {
            $before = [];
            for ($place = $power + $width; $place >= $power; --$place) {
                $before[$place] = $standing[$place] ?? Rational::zero();
            }
            $times = $before[$power + $width]->dividedBy($divisor[0]);
            $product = [];
            foreach ($times->isZero() ? [] : $divisor as $step => $coefficient) {
                $product[$power + $width - $step] = $times->times($coefficient);
            }
            $difference = [];
            foreach ($before as $place => $value) {
                $standing[$place] = isset($product[$place]) ? $value->minus($product[$place]) : $value;
                if ($place < $power + $width && $product !== []) {
                    $difference[$place] = $standing[$place];
                }
            }
            $rounds[] = new LongDivisionRound(
                $power,
                self::term($letter, $power, $times),
                self::written($letter, $before),
                self::written($letter, $product),
                self::written($letter, array_map(
                    static fn(Rational $value): Rational => $value->negated(),
                    $product,
                )),
                self::written($letter, $difference),
                $power === 0 ? null : self::term($letter, $power - 1, $standing[$power - 1] ?? Rational::zero()),
            );
        }

        return new LongDivisionFigure(
            self::written($letter, array_combine(range($top, 0), $dividend)),
            self::written($letter, array_combine(range($width, 0), $divisor)),
            $rounds === [] ? throw new \LogicException('A divisor of higher degree was not refused.') : $rounds,
            $division->dividend->toExpression(),
        );
    }

    /**
     * @param array<int, Rational> $values by power
     *
     * @return array<int, Expression>
     */
    private static function written(string $letter, array $values): array
    {
        $written = [];
        foreach ($values as $power => $value) {
            $written[$power] = self::term($letter, $power, $value);
        }

        return $written;
    }

    private static function term(string $letter, int $power, Rational $value): Expression
    {
        return (new Term($value, Monomial::power($letter, $power)))->toExpression();
    }
}
