<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** Signed like terms as two heaps of counters, plus and minus, that cancel one against one. */
final readonly class Heaps implements Figure
{
    /**
     * @param list<int>  $plus  the sizes of the positive terms
     * @param list<int>  $minus the sizes of the negative terms
     * @param Expression $unit  what each counter stands for, as x²
     * @param Expression $total what is left
     */
    public function __construct(public array $plus, public array $minus, public Expression $unit, public Expression $total) {}

    public function type(): string
    {
        return 'heaps';
    }

    public function data(): array
    {
        return ['plus' => $this->plus, 'minus' => $this->minus, 'unit' => $this->unit, 'total' => $this->total];
    }

    public function claims(?Figure $before = null): array
    {
        $counted = array_sum($this->plus) - array_sum($this->minus);
        $size = Numeral::of(abs($counted));

        return [new Equation(Product::of([Sum::of([$counted < 0 ? new Negative($size) : $size]), $this->unit]), $this->total)];
    }
}
