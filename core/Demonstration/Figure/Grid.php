<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** The area model: terms on two edges, their products in the cells, like terms in one ink. */
final readonly class Grid implements Figure
{
    /**
     * @param list<Expression>       $top   terms along the top
     * @param list<Expression>       $side  terms down the side
     * @param list<list<Expression>> $cells all products, by row
     * @param list<list<int>>        $inks  the ink of each cell, by row
     */
    public function __construct(public array $top, public array $side, public array $cells, public array $inks, public GridState $state) {}

    public function at(GridState $state): self
    {
        return new self($this->top, $this->side, $this->cells, $this->inks, $state);
    }

    public function isFilled(int $row, int $column): bool
    {
        return isset($this->state->filled["$row,$column"]);
    }

    public function isLit(int $row, int $column): bool
    {
        return isset($this->state->lit["$row,$column"]);
    }

    public function type(): string
    {
        return 'grid';
    }

    public function data(): array
    {
        $cells = [];
        $lit = [];
        foreach ($this->cells as $row => $expressions) {
            foreach ($expressions as $column => $expression) {
                $cells[$row][$column] = $this->isFilled($row, $column) ? $expression : null;
                if ($this->isLit($row, $column)) {
                    $lit[] = [$row, $column];
                }
            }
        }

        return [
            'top' => $this->state->edges ? $this->top : [],
            'side' => $this->state->edges ? $this->side : [],
            'columns' => \count($this->top),
            'rows' => \count($this->side),
            'cells' => $cells,
            'groups' => $this->inks,
            'lit' => $lit,
            'totals' => array_map(static fn(Total $total): array => ['group' => $total->ink, 'sum' => $total->sum], $this->state->totals),
        ];
    }

    public function claims(?Figure $before = null): array
    {
        if (!$this->state->edges) {
            return [];
        }
        $known = $before instanceof self && $before->cells === $this->cells && $before->top === $this->top && $before->side === $this->side
            ? $before->state
            : GridState::empty();
        $claims = $known->edges ? [] : [new Equation(Product::of([Sum::of($this->top), Sum::of($this->side)]), Sum::of(array_merge(...$this->cells)))];
        foreach (array_diff_key($this->state->filled, $known->filled) as $key => $_) {
            [$row, $column] = array_map('intval', explode(',', $key));
            $claims[] = new Equation(Product::of([$this->side[$row], $this->top[$column]]), $this->cells[$row][$column]);
        }
        foreach ($this->state->totals as $total) {
            if (!\in_array($total, $known->totals, true)) {
                $claims[] = new Equation(Sum::of($this->group($total->ink)), $total->sum);
            }
        }

        return $claims;
    }

    /** @return list<Expression> the cells of one ink, from the top right to the bottom left */
    private function group(int $ink): array
    {
        $group = [];
        foreach ($this->inks as $row => $inks) {
            foreach ($inks as $column => $own) {
                if ($own === $ink) {
                    $group[] = $this->cells[$row][$column];
                }
            }
        }

        return $group;
    }
}
