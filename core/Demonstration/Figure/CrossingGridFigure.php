<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** A crossing and the grid that its pair fills, beside each other from the start. */
final readonly class CrossingGridFigure implements Figure
{
    public function __construct(public PairHuntFigure $hunt, public FactorGridFigure $grid) {}

    public function type(): string
    {
        return 'crossing-grid';
    }

    public function data(): array
    {
        return [
            'crossing' => ['type' => $this->hunt->type()] + $this->hunt->data(),
            'grid' => ['type' => $this->grid->type()] + $this->grid->data(),
        ];
    }

    public function ground(): array
    {
        return [...$this->hunt->ground(), ...$this->grid->ground()];
    }

    public function written(): array
    {
        return $this->hunt->written() + $this->grid->written();
    }

    public function claims(string $part): array
    {
        return isset($this->hunt->written()[$part]) ? $this->hunt->claims($part) : $this->grid->claims($part);
    }
}
