<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** A power of a product whose number is not raised with the letters: (2x³)⁴ taken for 2x¹². */
final readonly class RaisedProductRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(function (Node $node): iterable {
            $exponent = $node instanceof Power ? $node->wholeExponent() : null;
            if (!$node instanceof Power || $exponent === null || $exponent < 2
                || ($exponent === 2) !== ($this->case === null)) {
                return [];
            }
            $factors = $node->base->bare()->factors();
            $number = $factors[0]->number();

            return $number === null || \count($factors) < 2 || $number->isOne() ? [] : [Product::of([
                $factors[0],
                new Power(Product::of(\array_slice($factors, 1)), $node->exponent),
            ])];
        }, Power::class);
    }
}
