<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** What stands before a square goes in and is squared with it; what stands before two brackets goes into both. */
final readonly class FrontRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(fn(Node $node): iterable => $node instanceof Product
            ? $this->taken($node)
            : [], Product::class);
    }

    /** @return iterable<Expression> */
    private function taken(Product $product): iterable
    {
        $front = array_values(array_filter($product->factors, self::isSingle(...)));
        $rest = array_values(array_filter(
            $product->factors,
            static fn(Expression $one): bool => !self::isSingle($one),
        ));
        $first = $rest[0] ?? null;
        if ($front === [] || $first === null) {
            return;
        }
        if ($this->slip === Slip::InnerFactorSquaredIn && \count($rest) === 1 && $first instanceof Power
            && $first->base instanceof Sum) {
            yield new Power(Product::of([...$front, $first->base]), $first->exponent);
        }
        if ($this->slip === Slip::MultipliedOutTwice && \count($rest) === 2
            && $first instanceof Sum && $rest[1] instanceof Sum) {
            yield Product::of([Product::of([...$front, $first]), Product::of([...$front, $rest[1]])]);
        }
    }

    private static function isSingle(Expression $factor): bool
    {
        return $factor instanceof Numeral || (!$factor instanceof Sum && !$factor instanceof Power
            && Indeterminates::of($factor) !== []);
    }
}
