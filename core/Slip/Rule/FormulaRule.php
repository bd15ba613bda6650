<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** The quadratic formula with one of its signs wrong, its root not taken, or its 2a below the root alone. */
final readonly class FormulaRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        // Of a product that is 0 nobody takes the formula.
        if (!$line instanceof Equation || \count($line->left->factors()) > 1) {
            return;
        }
        $whole = $parts->difference($line);
        $quadratic = $whole?->quadratic();
        if ($whole === null || $quadratic === null) {
            return;
        }
        [$a, $b, $c] = $quadratic;
        $product = Rational::of(4)->times($a)->times($c);
        $square = $b->times($b);
        $under = $this->slip === Slip::DiscriminantSign ? $square->plus($product) : $square->minus($product);
        $front = $this->slip === Slip::MinusOfBLost ? $b : $b->negated();
        if ($under->isNegative() || $a->isZero() || $b->isZero()) {
            return;
        }
        $below = Numeral::of($a->times(Rational::of(2)));
        $root = $this->slip === Slip::DiscriminantNotRooted
            ? Numeral::of($under)
            : new Root(Numeral::of($under), 2);
        yield new Alternatives(array_map(fn(Expression $signed): Equation => new Equation(
            new Letter($whole->letter),
            $this->slip === Slip::TwoAUnderRootOnly
                ? Sum::of([Numeral::of($front), new Quotient($signed, $below)])
                : new Quotient(Sum::of([Numeral::of($front), $signed]), $below),
        ), [$root, $root->negated()]));
    }
}
