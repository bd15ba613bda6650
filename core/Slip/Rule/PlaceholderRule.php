<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Where places are counted, only the terms that are written are: a missing power gets no place. */
final readonly class PlaceholderRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Product) {
            $cells = 1;
            foreach ($line->factors as $factor) {
                $cells *= \count(Polynomial::fromExpression($factor)->terms);
            }
            yield Numeral::of($cells);
        }
        if ($line instanceof Expression) {
            yield Numeral::of(\count(Polynomial::fromExpression($line)->terms));
        }
    }
}
