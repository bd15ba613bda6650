<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/** The square root of p + q√d where it is √u + √v or √u − √v: u and v are (p ± √(p² − q²d))/2. */
final class RootOfSurd
{
    /**
     * @param Rational $p with q√d positive together
     * @param int      $d square-free
     *
     * @return Expression|null null where a root stays under the root
     */
    public static function of(Rational $p, Rational $q, int $d): ?Expression
    {
        $root = $p->times($p)->minus($q->times($q)->times(Rational::of($d)))->squareRoot();
        if ($root === null || $p->isNegative()) {
            return null;
        }
        $half = Rational::fraction(1, 2);
        [$first, $second] = [
            SquareRoot::of($p->plus($root)->times($half)),
            SquareRoot::of($p->minus($root)->times($half)),
        ];
        if ($first === null || $second === null) {
            return null;
        }
        $below = $first->coefficient->denominator();
        $isOver = !$below->isOne() && $below->equals($second->coefficient->denominator());
        $terms = array_map(
            static fn(SquareRoot $one): Expression => $isOver
                ? self::term($one->coefficient->times($below), $one->inside)
                : $one->simplified(),
            [$first, $second],
        );
        $sum = Sum::of([$terms[0], $terms[1]->signed($q->isNegative())]);

        return $isOver ? new Quotient($sum, Numeral::of($below)) : $sum;
    }

    private static function term(Rational $coefficient, int $inside): Expression
    {
        $root = new Root(Numeral::of($inside), 2);

        return match (true) {
            $inside === 1 => Numeral::of($coefficient),
            $coefficient->isOne() => $root,
            default => Product::of([Numeral::of($coefficient), $root]),
        };
    }
}
