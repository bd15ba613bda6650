<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** A 2 × 2 grid filled first, its edges found from the common factors of rows and columns. */
final readonly class FactorGrid implements Figure
{
    /**
     * @param list<list<Expression|null>> $cells two rows of two
     * @param list<Expression|null>       $side  the factor of each row
     * @param list<Expression|null>       $top   the factor of each column
     * @param Expression                  $whole what all cells make together
     * @param string|null                 $lit   corners, middle, row-1, row-2, column-1, column-2
     */
    public function __construct(public array $cells, public array $side, public array $top, public Expression $whole, public ?string $lit) {}

    public function type(): string
    {
        return 'factor-grid';
    }

    public function data(): array
    {
        return ['cells' => $this->cells, 'side' => $this->side, 'top' => $this->top, 'lit' => $this->lit];
    }

    public function claims(?Figure $before = null): array
    {
        $claims = [];
        $all = array_filter(array_merge(...$this->cells));
        if (\count($all) === 4) {
            $claims[] = new Equation(Sum::of(array_values($all)), $this->whole);
        }
        foreach ($this->cells as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $side = $this->side[$row] ?? null;
                $top = $this->top[$column] ?? null;
                if ($cell !== null && $side !== null && $top !== null) {
                    $claims[] = new Equation(Product::of([$side, $top]), $cell);
                }
            }
        }

        return $claims;
    }
}
