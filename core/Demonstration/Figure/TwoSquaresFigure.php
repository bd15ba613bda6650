<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;

/**
 * A small square cut out of a large one: what is left is two strips, and laid end to end they are a rectangle as long
 * as the sum of the sides and as wide as their difference.
 */
final readonly class TwoSquaresFigure implements Figure
{
    public Expression $sum;
    public Expression $difference;

    public function __construct(public Expression $large, public Expression $small)
    {
        $this->sum = Sum::of([$large, $small]);
        $this->difference = Sum::of([$large, new Negative($small)]);
    }

    public function type(): string
    {
        return 'two-squares';
    }

    public function data(): array
    {
        return [
            'large' => $this->large,
            'small' => $this->small,
            'sum' => $this->sum,
            'difference' => $this->difference,
        ];
    }

    public function ground(): array
    {
        return [$this->large, $this->small];
    }

    public function written(): array
    {
        return ['squares' => true];
    }

    public function claims(string $part): array
    {
        $two = Numeral::of(2);

        return [new Identity(
            Sum::of([new Power($this->large, $two), new Negative(new Power($this->small, $two))]),
            Product::of([$this->sum, $this->difference]),
        )];
    }
}
