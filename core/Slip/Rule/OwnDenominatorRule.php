<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Letters;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Fraction equal to fraction: each numerator multiplied by its own denominator instead of the other one. */
final readonly class OwnDenominatorRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $isOfFractions = $line instanceof Equation && $line->left instanceof Quotient
            && $line->right instanceof Quotient && Letters::of($line) !== [];
        if ($isOfFractions) {
            yield new Equation(
                Product::of([$line->left->numerator, $line->left->denominator]),
                Product::of([$line->right->numerator, $line->right->denominator]),
            );
        }
    }
}
