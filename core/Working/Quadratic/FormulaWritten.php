<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/** The parts of the quadratic formula with numbers in them, brackets where a sign could get lost. */
final class FormulaWritten
{
    /** b² − 4ac. */
    public static function discriminant(Rational $a, Rational $b, Rational $c): Expression
    {
        return self::discriminantOf(Numeral::of($a), Numeral::of($b), Numeral::of($c));
    }

    /** The same of coefficients with letters in them; of the letters themselves without times signs. */
    public static function discriminantOf(Expression $a, Expression $b, Expression $c): Expression
    {
        $factors = [Numeral::of(4), $a, $c];

        return Sum::of([
            new Power($b, Numeral::of(2)),
            new Negative($a instanceof Letter && $c instanceof Letter
                ? Product::of($factors)
                : Product::apart($factors)),
        ]);
    }

    /** x = (−b ± √(b² − 4ac))/(2a). */
    public static function general(Letter $letter): Alternatives
    {
        [$a, $b, $c] = [new Letter('a'), new Letter('b'), new Letter('c')];
        $root = new Root(self::discriminantOf($a, $b, $c), 2);
        $below = Product::of([Numeral::of(2), $a]);

        return new Alternatives([
            new Equation($letter, new Quotient(Sum::of([new Negative($b), $root]), $below)),
            new Equation($letter, new Quotient(Sum::of([new Negative($b), new Negative($root)]), $below)),
        ]);
    }
}
