<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\LikeTerms;

/** Products in rows, one row a multiplier, like powers in one column, the sums below. */
final readonly class RowsFigure implements Figure, Lights
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

        return new self(
            $this->multipliers,
            $this->multiplied,
            $this->entries,
            $this->inks,
            $this->filled + $lit,
            $lit,
            $this->totals,
        );
    }

    public function total(Total $total): self
    {
        $lit = [];
        foreach ($this->entries as $row => $entries) {
            if (isset($entries[$total->ink])) {
                $lit["$row,{$total->ink}"] = true;
            }
        }

        return new self($this->multipliers, $this->multiplied, $this->entries, $this->inks, $this->filled, $lit, [
            ...$this->totals,
            $total,
        ]);
    }

    /** Nothing lit. */
    public function quiet(): self
    {
        return new self(
            $this->multipliers,
            $this->multiplied,
            $this->entries,
            $this->inks,
            $this->filled,
            [],
            $this->totals,
        );
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
            'totals' => array_map(static fn(Total $total): array => [
                'group' => $total->ink,
                'sum' => $total->sum,
            ], $this->totals),
        ];
    }

    public function ground(): array
    {
        return [$this->multipliers, $this->multiplied, $this->entries, $this->inks];
    }

    public function written(): array
    {
        $written = ['rows' => true];
        foreach ($this->filled as $place => $_) {
            $written["entry $place"] = true;
        }
        foreach ($this->totals as $total) {
            $written["total $total->ink " . spl_object_id($total)] = true;
        }

        return $written;
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        if ($piece->kind === 'rows') {
            return array_map(
                fn(Expression $multiplier, array $entries): Identity => new Identity(Product::of(
                    [$multiplier, $this->multiplied],
                ), Sum::of(array_values($entries))),
                $this->multipliers,
                $this->entries,
            );
        }
        if ($piece->kind === 'entry') {
            [$row, $ink] = [$piece->place, $piece->second];

            // The row as a whole is proved; an entry has to stand where its like terms stand.
            return [new LikeTerms([$this->entries[$row][$ink], ...$this->column($ink)])];
        }
        $claims = [];
        foreach ($this->totals as $total) {
            if ($total->ink === $piece->place) {
                $claims[] = new Identity(Sum::of($this->column($total->ink)), $total->sum);
            }
        }

        return $claims;
    }

    public function lightable(): array
    {
        return array_filter(
            $this->written(),
            static fn(string $part): bool => str_starts_with($part, 'entry '),
            \ARRAY_FILTER_USE_KEY,
        );
    }

    public function lit(): array
    {
        $lit = [];
        foreach ($this->lit as $place => $_) {
            $lit["entry $place"] = true;
        }

        return $lit;
    }

    /** @return list<Expression> what stands in the column of an ink, from the top */
    private function column(int $ink): array
    {
        return array_values(array_filter(
            array_map(static fn(array $entries): ?Expression => $entries[$ink] ?? null, $this->entries),
        ));
    }
}
