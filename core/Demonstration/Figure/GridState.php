<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** How far a grid has been worked: what stands in it and what is lit. */
final readonly class GridState
{
    /**
     * @param bool                $edges  whether the terms stand on the edges
     * @param array<string, true> $filled "row,column" of the cells that are written
     * @param array<string, true> $lit    "row,column" of the cells being looked at
     * @param list<Total>         $totals the sums that are known, in the order of the answer
     * @param int|null            $ink    the ink being added up
     * @param bool                $inked  whether the inks have been brought out
     */
    private function __construct(
        public bool $edges,
        public array $filled,
        public array $lit,
        public array $totals,
        public ?int $ink,
        public bool $inked,
    ) {}

    public static function empty(): self
    {
        return new self(false, [], [], [], null, false);
    }

    public function withEdges(): self
    {
        return new self(true, $this->filled, [], $this->totals, null, $this->inked);
    }

    /** @param list<array{int, int}> $cells row and column of each */
    public function fill(array $cells): self
    {
        $lit = self::keys($cells);

        return new self($this->edges, $this->filled + $lit, $lit, $this->totals, null, $this->inked);
    }

    /**
     * Lights some cells and brings out the inks of all.
     *
     * @param list<array{int, int}> $cells
     */
    public function light(array $cells): self
    {
        return new self($this->edges, $this->filled, self::keys($cells), $this->totals, null, true);
    }

    /**
     * Lights the cells of one ink and writes down their sum.
     *
     * @param list<array{int, int}> $cells
     */
    public function total(array $cells, Total $total): self
    {
        $totals = [...$this->totals, $total];
        usort($totals, static fn(Total $first, Total $second): int => $second->ink <=> $first->ink);

        return new self($this->edges, $this->filled, self::keys($cells), $totals, $total->ink, true);
    }

    /** Everything written, nothing lit. */
    public function quiet(): self
    {
        return new self($this->edges, $this->filled, [], $this->totals, null, $this->inked);
    }

    /**
     * @param list<array{int, int}> $cells
     *
     * @return array<string, true>
     */
    private static function keys(array $cells): array
    {
        $keys = [];
        foreach ($cells as [$row, $column]) {
            $keys["$row,$column"] = true;
        }

        return $keys;
    }
}
