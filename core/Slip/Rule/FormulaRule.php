<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** The quadratic formula with one of its signs wrong, its root not taken, or its 2a below the root alone. */
final readonly class FormulaRule implements WrongRule
{
    use OfSlip;

    public function wrong(Node $line): iterable
    {
        // Of a product that is 0 nobody takes the formula.
        if (!$line instanceof Equation || \count($line->left->factors()) > 1) {
            return;
        }
        $left = Polynomial::tryFrom($line->left);
        $right = Polynomial::tryFrom($line->right);
        $whole = $left === null || $right === null ? null : $left->minus($right);
        $letters = $whole?->letters() ?? [];
        if ($whole === null || \count($letters) !== 1 || $whole->degree() !== 2) {
            return;
        }
        [$a, $b, $c] = array_map(
            static fn(int $power): Rational => $whole->coefficient($letters[0], $power),
            [2, 1, 0],
        );
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
            new Letter($letters[0]),
            $this->slip === Slip::TwoAUnderRootOnly
                ? Sum::of([Numeral::of($front), new Quotient($signed, $below)])
                : new Quotient(Sum::of([Numeral::of($front), $signed]), $below),
        ), [$root, $root->negated()]));
    }
}
