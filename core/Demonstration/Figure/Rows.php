<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** Products in rows, one row a multiplier, like powers in one column, the sums below. */
final readonly class Rows implements Figure
{
    /**
     * @param list<Expression>             $multipliers one a row
     * @param Expression                   $multiplied  what each row multiplies
     * @param list<array<int, Expression>> $entries     every product, by row and ink
     * @param list<int>                    $inks        the columns, from the left
     * @param array<string, true>          $filled      "row,ink" of the products that are written
     * @param array<string, true>          $lit         "row,ink" of the products being looked at
     * @param list<Total>                  $totals      the sums that are known
     */
    public function __construct(
        public array $multipliers,
        public Expression $multiplied,
        public array $entries,
        public array $inks,
        public array $filled,
        public array $lit,
        public array $totals,
    ) {}

    public function fill(int $row, int $ink): self
    {
        $lit = ["$row,$ink" => true];

        return new self($this->multipliers, $this->multiplied, $this->entries, $this->inks, $this->filled + $lit, $lit, $this->totals);
    }

    public function total(Total $total): self
    {
        $lit = [];
        foreach ($this->entries as $row => $entries) {
            if (isset($entries[$total->ink])) {
                $lit["$row,{$total->ink}"] = true;
            }
        }

        return new self($this->multipliers, $this->multiplied, $this->entries, $this->inks, $this->filled, $lit, [...$this->totals, $total]);
    }

    /** Nothing lit. */
    public function quiet(): self
    {
        return new self($this->multipliers, $this->multiplied, $this->entries, $this->inks, $this->filled, [], $this->totals);
    }

    public function type(): string
    {
        return 'rows';
    }

    public function data(): array
    {
        $rows = [];
        foreach ($this->entries as $row => $entries) {
            $places = [];
            foreach ($this->inks as $ink) {
                $places[] = isset($this->filled["$row,$ink"]) ? $entries[$ink] : null;
            }
            $rows[] = ['multiplier' => $this->multipliers[$row], 'entries' => $places];
        }

        return [
            'multiplied' => $this->multiplied,
            'groups' => $this->inks,
            'rows' => $rows,
            'lit' => array_keys($this->lit),
            'totals' => array_map(static fn(Total $total): array => ['group' => $total->ink, 'sum' => $total->sum], $this->totals),
        ];
    }

    public function claims(?Figure $before = null): array
    {
        $claims = [];
        if (!$before instanceof self || [$before->entries, $before->multipliers, $before->multiplied] !== [$this->entries, $this->multipliers, $this->multiplied]) {
            foreach ($this->entries as $row => $entries) {
                $claims[] = new Equation(Product::of([$this->multipliers[$row], $this->multiplied]), Sum::of(array_values($entries)));
            }
            $before = null;
        }
        foreach ($this->totals as $total) {
            if (!\in_array($total, $before->totals ?? [], true)) {
                $column = array_filter(array_map(static fn(array $entries): ?Expression => $entries[$total->ink] ?? null, $this->entries));
                $claims[] = new Equation(Sum::of(array_values($column)), $total->sum);
            }
        }

        return $claims;
    }
}
