<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/** The parts of the quadratic formula with numbers in them, brackets where a sign could get lost. */
final class FormulaWritten
{
    /** b² − 4ac. */
    public static function discriminant(Rational $a, Rational $b, Rational $c): Expression
    {
        return Sum::of([
            new Power(Numeral::of($b), Numeral::of(2)),
            new Negative(Product::apart([Numeral::of(4), Numeral::of($a), Numeral::of($c)])),
        ]);
    }
}
