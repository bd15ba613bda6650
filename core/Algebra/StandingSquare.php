<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A square that stands in an equation already, as 3(x − 4)²: its base and the number in front. */
final readonly class StandingSquare
{
    private function __construct(public Expression $base, public Rational $front) {}

    public static function of(Expression $side): ?self
    {
        $bare = $side->bare();
        $sign = $side instanceof Negative ? -1 : 1;
        if ($bare instanceof Quotient && $bare->denominator instanceof Numeral) {
            $inside = self::of($bare->numerator);

            return $inside === null || $bare->denominator->value->isZero() ? null : new self(
                $inside->base,
                $inside->front->dividedBy($bare->denominator->value)->times(Rational::of($sign)),
            );
        }
        $factors = $bare->factors();
        $square = $factors[\count($factors) - 1];
        $number = \array_slice($factors, 0, -1);
        if (
            !$square instanceof Power || !self::isBracket($square->base)
            || !$square->exponent instanceof Numeral || $square->exponent->value->toInt() !== 2
            || \count($number) > 1
        ) {
            return null;
        }
        $front = $number === [] ? Polynomial::constant(1) : Polynomial::fromExpression($number[0]);
        $base = Polynomial::fromExpression($square->base);

        return $front->isConstant() && !$front->isZero() && !$base->isZero() && $base->degree() === 1
            ? new self($square->base, $front->terms[0]->coefficient->times(Rational::of($sign)))
            : null;
    }

    private static function isBracket(Expression $base): bool
    {
        return $base instanceof Sum || ($base instanceof Quotient && $base->numerator instanceof Sum);
    }
}
