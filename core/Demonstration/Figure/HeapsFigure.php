<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;

/** Signed like terms as two heaps of counters, plus and minus, that cancel one against one. */
final readonly class HeapsFigure implements Figure
{
    /**
     * @param list<int>  $plus  the sizes of the positive terms
     * @param list<int>  $minus the sizes of the negative terms
     * @param Expression $unit  what each counter stands for, as x²
     * @param Expression $total what is left
     */
    public function __construct(
        public array $plus,
        public array $minus,
        public Expression $unit,
        public Expression $total,
    ) {}

    public function type(): string
    {
        return 'heaps';
    }

    public function data(): array
    {
        return ['plus' => $this->plus, 'minus' => $this->minus, 'unit' => $this->unit, 'total' => $this->total];
    }

    public function ground(): array
    {
        return [$this->plus, $this->minus, $this->unit, $this->total];
    }

    public function written(): array
    {
        return ['heaps' => true];
    }

    public function claims(string $part): array
    {
        $counters = Sum::of(array_map(Numeral::of(...), [...$this->plus, ...array_map(
            static fn(int $count): int => -$count,
            $this->minus,
        )]));

        return [new Identity(Product::of([$counters, $this->unit]), $this->total)];
    }
}
