<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Number\Surd;

/** A sum of numbers times roots as it is written at the end: over one denominator, each root once. */
final class SurdWritten
{
    public static function of(Surd $value): Expression
    {
        $below = 1;
        foreach ($value->parts as $part) {
            $own = $part->denominator()->toInt() ?? 1;
            $below = Integers::lcm($below, $own);
        }
        $terms = [];
        $parts = $value->parts;
        ksort($parts);
        foreach ($parts as $root => $part) {
            $scaled = $part->times(Rational::of($below));
            $size = $scaled->absolute();
            $written = match (true) {
                $root === 1 => Numeral::of($size),
                $size->isOne() => new Root(Numeral::of($root), 2),
                default => Product::of([Numeral::of($size), new Root(Numeral::of($root), 2)]),
            };
            $terms[] = $written->signed($scaled->isNegative());
        }
        // A plus stands first, where there is one.
        usort($terms, static fn(Expression $one, Expression $other): int => [$one instanceof Negative]
            <=> [$other instanceof Negative]);
        if ($terms === []) {
            return Numeral::of(0);
        }
        $only = $terms[0];
        if (\count($terms) === 1 && $below !== 1) {
            $fraction = new Quotient($only->bare(), Numeral::of($below));

            return $only->isNumber()
                ? Numeral::of($parts[1] ?? Rational::zero())
                : $fraction->signedLike($only);
        }
        $sum = \count($terms) === 1 && $only->isNumber() ? Numeral::of($parts[1] ?? Rational::zero()) : Sum::of($terms);

        return $below === 1 ? $sum : new Quotient($sum, Numeral::of($below));
    }
}
