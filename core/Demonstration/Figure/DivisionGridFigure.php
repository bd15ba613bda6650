<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\SameDegree;

/** The area model filled backwards: the divisor down the side, the cells known by their diagonals, the top found. */
final readonly class DivisionGridFigure implements Figure, Lights
{
    /** @var list<string> the pieces in the order in which they are written: "need 0", "top 0", "cells 0", …, "rest" */
    private array $pieces;

    /**
     * @param array<int, Expression>           $dividend by power, highest first, 0 with its letter where one is missing
     * @param non-empty-list<Expression>       $side     the divisor's terms, highest power first, missing ones too
     * @param non-empty-list<Expression>       $top      the quotient's terms, highest power first, missing ones too
     * @param non-empty-list<list<Expression>> $cells    by row
     * @param array<int, Expression>           $rest     what the lowest diagonals leave over, by power
     * @param Expression                       $whole    what is divided, as a polynomial
     * @param int                              $count    how many pieces are written
     */
    public function __construct(
        public array $dividend,
        public array $side,
        public array $top,
        public array $cells,
        public array $rest,
        private Expression $whole,
        private int $count = 0,
    ) {
        $pieces = [];
        foreach (array_keys($top) as $column) {
            array_push($pieces, "need $column", "top $column");
            if (\count($side) > 1) {
                $pieces[] = "cells $column";
            }
        }
        $this->pieces = $rest === [] ? $pieces : [...$pieces, 'rest'];
    }

    public function next(): self
    {
        return new self(
            $this->dividend,
            $this->side,
            $this->top,
            $this->cells,
            $this->rest,
            $this->whole,
            $this->count + 1,
        );
    }

    /** The power of a cell's diagonal. */
    public function power(int $row, int $column): int
    {
        return (int) array_key_first($this->dividend) - $row - $column;
    }

    /** @return list<Expression> the cells of a diagonal left of a column, from the bottom left up */
    public function diagonal(int $power, int $before): array
    {
        $cells = [];
        for ($column = 0; $column < $before; ++$column) {
            foreach (array_keys($this->side) as $row) {
                if ($this->power($row, $column) === $power) {
                    $cells[] = $this->cells[$row][$column];
                }
            }
        }

        return $cells;
    }

    /** The piece written last; null at the start. */
    public function last(): ?string
    {
        return $this->count === 0 ? null : ($this->pieces[$this->count - 1] ?? null);
    }

    public function has(string $piece): bool
    {
        return isset($this->written()[$piece]);
    }

    public function hasCell(int $row, int $column): bool
    {
        return $this->has($row === 0 ? "need $column" : "cells $column");
    }

    public function type(): string
    {
        return 'division-grid';
    }

    public function data(): array
    {
        $cells = [];
        foreach ($this->cells as $row => $expressions) {
            foreach ($expressions as $column => $cell) {
                $cells[$row][$column] = $this->hasCell($row, $column) ? $cell : null;
            }
        }

        return [
            'dividend' => array_values($this->dividend),
            'side' => $this->side,
            'top' => array_map(
                fn(int $column): ?Expression => $this->has("top $column") ? $this->top[$column] : null,
                array_keys($this->top),
            ),
            'cells' => $cells,
            'rest' => $this->has('rest') ? array_values($this->rest) : [],
        ];
    }

    public function ground(): array
    {
        return [$this->dividend, $this->side, $this->top, $this->cells, $this->rest];
    }

    public function written(): array
    {
        return ['given' => true, ...array_fill_keys(\array_slice($this->pieces, 0, $this->count), true)];
    }

    public function lightable(): array
    {
        return array_fill_keys($this->pieces, true);
    }

    public function lit(): array
    {
        $last = $this->last();

        return $last === null ? [] : [$last => true];
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        $column = $piece->place;

        return match ($piece->kind) {
            'need' => [
                $this->left($this->power(0, $column), $column, $this->cells[0][$column]),
                new SameDegree([$this->cells[0][$column]], $this->power(0, $column)),
            ],
            'top' => [new Identity(
                Product::of([$this->top[$column], $this->side[0]]),
                $this->cells[0][$column],
            )],
            'cells' => $this->products($column),
            'rest' => array_map(
                fn(int $power): Identity => $this->left($power, \count($this->top), $this->rest[$power]),
                array_keys($this->rest),
            ),
            default => $this->given(),
        };
    }

    /** What a diagonal still lacks of the dividend's term. */
    private function left(int $power, int $before, Expression $value): Identity
    {
        return new Identity(Sum::of([
            $this->dividend[$power],
            ...array_map(
                static fn(Expression $cell): Negative => new Negative($cell),
                $this->diagonal($power, $before),
            ),
        ]), $value);
    }

    /** @return list<Identity|SameDegree> */
    private function products(int $column): array
    {
        $claims = [];
        foreach (array_keys($this->side) as $row) {
            if ($row > 0) {
                $cell = $this->cells[$row][$column];
                $claims[] = new Identity(Product::of([$this->side[$row], $this->top[$column]]), $cell);
                $claims[] = new SameDegree([$cell], $this->power($row, $column));
            }
        }

        return $claims;
    }

    /** @return non-empty-list<Identity|SameDegree> */
    private function given(): array
    {
        $claims = [
            new Identity($this->whole, Sum::of(array_values($this->dividend))),
            new Identity(Sum::of($this->side), Sum::of($this->side)),
        ];
        foreach ($this->dividend as $power => $term) {
            $claims[] = new SameDegree([$term], $power);
        }

        return $claims;
    }
}
