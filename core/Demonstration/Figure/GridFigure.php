<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\LikeTerms;
use Runel\Law\Claim\SameDegree;
use Runel\Polynomial\Polynomial;

/** The area model: terms on two edges, their products in the cells, like terms in one ink. */
final readonly class GridFigure implements Figure, Lights
{
    /**
     * @param list<Expression>       $top      terms along the top
     * @param list<Expression>       $side     terms down the side
     * @param list<list<Expression>> $cells    all products, by row
     * @param list<list<int>>        $inks     the ink of each cell, by row
     * @param bool                   $byDegree whether the ink is the degree, as it is with a single letter
     */
    public function __construct(
        public array $top,
        public array $side,
        public array $cells,
        public array $inks,
        public GridState $state,
        private bool $byDegree = false,
    ) {}

    public function at(GridState $state): self
    {
        return new self($this->top, $this->side, $this->cells, $this->inks, $state, $this->byDegree);
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
                $cells[$row][$column] = isset($this->state->filled["$row,$column"]) ? $expression : null;
                if (isset($this->state->lit["$row,$column"])) {
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
            'totals' => array_map(static fn(Total $total): array => [
                'group' => $total->ink,
                'sum' => $total->sum,
            ], $this->state->totals),
        ];
    }

    public function ground(): array
    {
        return [$this->top, $this->side, $this->cells, $this->inks];
    }

    public function written(): array
    {
        $written = ($this->state->edges ? ['edges' => true] : []) + self::named($this->state->filled);
        foreach ($this->state->totals as $total) {
            $written["total $total->ink " . spl_object_id($total)] = true;
        }

        return $written;
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        if ($piece->kind === 'edges') {
            return [new Identity(Product::of(
                [Sum::of($this->top), Sum::of($this->side)],
            ), Sum::of(array_values(array_filter(
                array_merge(...$this->cells),
                // A power that is missing adds nothing; its cell is held to its place below.
                static fn(Expression $cell): bool => !Polynomial::vanishes($cell),
            ))))];
        }
        if ($piece->kind === 'cell') {
            [$row, $column] = [$piece->place, $piece->second];

            return [
                new Identity(Product::of([$this->side[$row], $this->top[$column]]), $this->cells[$row][$column]),
                ...($this->byDegree ? [new SameDegree([$this->cells[$row][$column]], $this->inks[$row][$column])] : []),
            ];
        }
        $group = $this->group($piece->place);
        $claims = [new LikeTerms($group)];
        foreach ($this->state->totals as $total) {
            if ($total->ink === $piece->place) {
                $claims[] = new Identity(Sum::of($group), $total->sum);
            }
        }

        return $claims;
    }

    public function lightable(): array
    {
        return self::named($this->state->filled);
    }

    public function lit(): array
    {
        return self::named($this->state->lit);
    }

    /**
     * @param array<string, true> $cells by row and column
     *
     * @return array<string, true> the parts that they are
     */
    private static function named(array $cells): array
    {
        $named = [];
        foreach ($cells as $cell => $_) {
            $named["cell $cell"] = true;
        }

        return $named;
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
