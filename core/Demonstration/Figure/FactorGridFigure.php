<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Divides;
use Runel\Law\Claim\Identity;

/** A 2 × 2 grid filled first, its edges found from the common factors of rows and columns. */
final readonly class FactorGridFigure implements Figure
{
    /**
     * @param list<list<Expression|null>> $cells two rows of two
     * @param list<Expression|null>       $side  the factor of each row
     * @param list<Expression|null>       $top   the factor of each column
     * @param Expression                  $whole what all cells make together
     * @param string|null                 $lit   corners, middle, row-1, row-2, column-1, column-2
     */
    public function __construct(
        public array $cells,
        public array $side,
        public array $top,
        public Expression $whole,
        public ?string $lit,
    ) {}

    public function type(): string
    {
        return 'factor-grid';
    }

    public function data(): array
    {
        return ['cells' => $this->cells, 'side' => $this->side, 'top' => $this->top, 'lit' => $this->lit];
    }

    public function ground(): array
    {
        return [$this->whole];
    }

    public function written(): array
    {
        $written = [];
        foreach ($this->cells as $row => $cells) {
            foreach ($cells as $column => $cell) {
                if ($cell !== null) {
                    $written["cell $row,$column " . spl_object_id($cell)] = true;
                }
            }
        }
        foreach (['side' => $this->side, 'top' => $this->top] as $edge => $factors) {
            foreach (array_filter($factors) as $place => $factor) {
                $written["$edge $place " . spl_object_id($factor)] = true;
            }
        }

        return $written;
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        if ($piece->kind === 'cell') {
            [$row, $column] = [$piece->place, $piece->second];
            $all = array_filter(array_merge(...$this->cells));

            return [
                // What two corners multiply to, the other two have to as well; until they are there, the whole is
                // claimed when they come.
                ...(\count($all) === 4 ? [new Identity(Sum::of(array_values($all)), $this->whole)] : []),
                new Identity($this->corner($row, $column), $this->cells[$row][$column] ?? Numeral::of(0)),
            ];
        }
        $claims = [];
        foreach ([0, 1] as $other) {
            [$row, $column] = $piece->kind === 'side' ? [$piece->place, $other] : [$other, $piece->place];
            $cell = $this->cells[$row][$column] ?? null;
            $own = $piece->kind === 'side' ? $this->side[$row] : $this->top[$column];
            $across = $piece->kind === 'side' ? $this->top[$column] : $this->side[$row];
            if ($cell !== null && $own !== null) {
                $claims[] = $across === null ? new Divides($own, $cell) : new Identity(
                    Product::of([$own, $across]),
                    $cell,
                );
            }
        }

        return $claims;
    }

    /**
     * The first and the last term of the whole stand in the corners; what stands beside them is tied by the sum of all.
     */
    private function corner(int $row, int $column): Expression
    {
        $terms = $this->whole->children();
        $corner = $row !== $column ? null : ($row === 0 ? $terms[0] : $terms[\count($terms) - 1]);

        return $corner instanceof Expression ? $corner : ($this->cells[$row][$column] ?? Numeral::of(0));
    }
}
