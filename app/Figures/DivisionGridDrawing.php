<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\DivisionGridFigure;
use Runel\Demonstration\Figure\Piece;
use Runel\Expression\Expression;
use Runel\Expression\Sum;
use Runel\Message\Message;

/** The grid filled backwards: divisor at the side, what is found on top, cells in the ink of their power. */
final class DivisionGridDrawing implements Drawing
{
    private const SIZE = 26;
    private const HEIGHT = 58;
    private const PLACE = 40;
    /** How much more room a fraction needs. */
    private const FRACTION = 22;

    private float $height = self::HEIGHT;
    private float $place = self::PLACE;

    public function __construct(private readonly DivisionGridFigure $grid) {}

    public function label(): Message
    {
        return Message::of('figure.division-grid', [
            'divisor' => Sum::of($this->grid->side),
            'count' => \count(array_filter(
                array_keys($this->grid->top),
                fn(int $column): bool => $this->grid->has("top $column"),
            )),
        ]);
    }

    public function draw(Pen $pen): array
    {
        $grid = $this->grid;
        $this->makeRoom($pen);
        $cell = max(92.0, $this->widest($pen, [...$grid->top, ...array_merge(...$grid->cells)]) + 36);
        $edge = max(72.0, $this->widest($pen, $grid->side) + 30);
        [$left, $top] = [4 + $edge, 4 + $this->height * 0.86];
        $columns = \count($grid->top);
        $rows = \count($grid->side);
        $right = $left + $columns * $cell;
        $bottom = $top + $rows * $this->height;
        $pen->box(4, 4, $right - 4, $bottom - 4, Ink::EDGE, 'none', 1, '', 6);
        $pen->box($left, $top, $columns * $cell, $rows * $this->height, Ink::PAPER);
        $pen->words('×', 4 + $edge / 2, 4 + $this->height * 0.54, 20);
        $last = $grid->last() === null ? null : Piece::named($grid->last());
        $piece = $last->kind ?? 'given';
        // What is given, and the rest, stand in no column.
        $current = $last === null || $piece === 'rest' ? -1 : $last->place;
        $this->diagonal($pen, $left, $top, $cell, $piece, $current);
        foreach ($grid->side as $row => $term) {
            $pen->centred($term, 4 + $edge / 2, $top + ($row + 0.5) * $this->height, self::SIZE);
        }
        foreach ($grid->top as $column => $term) {
            $x = $left + $column * $cell;
            if ($grid->has("top $column")) {
                if ($piece === 'top' && $current === $column) {
                    $this->light($pen, $x + 8, 8, $cell - 16, $this->height * 0.86 - 8);
                }
                $pen->centred($term, $x + $cell / 2, 4 + $this->height * 0.43, self::SIZE);
            }
            foreach (array_keys($grid->side) as $row) {
                $lit = $current === $column && $piece === ($row === 0 ? 'need' : 'cells');
                $this->cell($pen, $row, $column, [$x, $top + $row * $this->height], $cell, $lit);
            }
        }
        $this->rules($pen, $left, $top, $cell);

        return $this->terms($pen, $right + 6, $bottom + 14, $piece, $current);
    }

    /**
     * What all cells have to come to, one place a power, each with a tick once its diagonal does; below, what is left.
     *
     * @return array{float, float}
     */
    private function terms(Pen $pen, float $right, float $y, string $piece, int $current): array
    {
        $grid = $this->grid;
        $width = max(64.0, $this->widest($pen, [...$grid->dividend, ...$grid->rest]) + 34);
        $low = \count($grid->side) - 1;
        $x = 8.0;
        foreach ($grid->dividend as $power => $term) {
            $column = (int) array_key_first($grid->dividend) - $power;
            $used = $piece === 'need' && $current === $column;
            if ($used) {
                $pen->box($x + 2, $y, $width - 4, $this->place - 2, 'none', Ink::QUIET, 1.2, '3 3', 5);
            }
            $pen->centred($term, $x + $width / 2, $y + $this->place / 2 - 2, 24, Ink::colour($power));
            $size = $pen->measure($term, 24)->width;
            $pen->inkLine($power, $x + ($width - $size) / 2, $size, $y + $this->place - 6, $y + 3);
            if ($power < $low && $grid->has('rest')) {
                $this->light($pen, $x + 4, $y + $this->place + 4, $width - 8, $this->place - 6);
                $pen->centred($grid->rest[$power], $x + $width / 2, $y + $this->place * 1.5, 24, Ink::colour($power));
            } elseif ($power >= $low && $grid->has("need $column")) {
                $pen->words('✓', $x + $width / 2, $y + $this->place + 20, 18, Ink::TEXT);
            }
            $x += $width;
        }

        return [max($right, $x + 8), $y + 2 * $this->place + 4];
    }

    /** @param array{float, float} $corner */
    private function cell(Pen $pen, int $row, int $column, array $corner, float $width, bool $lit): void
    {
        if (!$this->grid->hasCell($row, $column)) {
            return;
        }
        [$x, $y] = $corner;
        if ($lit) {
            $this->light($pen, $x + 5, $y + 5, $width - 10, $this->height - 10);
        }
        $term = $this->grid->cells[$row][$column];
        $power = $this->grid->power($row, $column);
        $pen->centred($term, $x + $width / 2, $y + $this->height / 2, self::SIZE, Ink::colour($power));
        $size = $pen->measure($term, self::SIZE)->width;
        $pen->inkLine($power, $x + ($width - $size) / 2, $size, $y + $this->height - 12, $y + 10);
    }

    /** The band through the cells that have to come to one term together. */
    private function diagonal(Pen $pen, float $left, float $top, float $cell, string $piece, int $current): void
    {
        if ($piece !== 'need') {
            return;
        }
        for ($row = 1; $row < \count($this->grid->side) && $row <= $current; ++$row) {
            $pen->line(
                $left + ($current - $row + 1.5) * $cell,
                $top + ($row - 0.5) * $this->height,
                $left + ($current - $row + 0.5) * $cell,
                $top + ($row + 0.5) * $this->height,
                Ink::LIGHT,
                40,
            );
        }
    }

    private function rules(Pen $pen, float $left, float $top, float $cell): void
    {
        $columns = \count($this->grid->top);
        $rows = \count($this->grid->side);
        for ($place = 0; $place <= $columns; ++$place) {
            $outer = $place === 0 || $place === $columns;
            $x = $left + $place * $cell;
            $pen->line($x, $top, $x, $top + $rows * $this->height, $outer ? Ink::TEXT : Ink::RULE, $outer ? 2 : 1.2);
        }
        for ($place = 0; $place <= $rows; ++$place) {
            $outer = $place === 0 || $place === $rows;
            $y = $top + $place * $this->height;
            $pen->line($left, $y, $left + $columns * $cell, $y, $outer ? Ink::TEXT : Ink::RULE, $outer ? 2 : 1.2);
        }
    }

    private function light(Pen $pen, float $x, float $y, float $width, float $height): void
    {
        $pen->box($x, $y, $width, $height, Ink::LIGHT, Ink::LIGHT_EDGE, 1.6, '', 6);
    }

    /** Fractions need higher cells and places. */
    private function makeRoom(Pen $pen): void
    {
        $holds = static fn(Expression ...$terms): bool => array_filter(
            $terms,
            static fn(Expression $term): bool => $pen->measure($term, self::SIZE)->strokes !== [],
        ) !== [];
        $this->height = self::HEIGHT + ($holds(...$this->grid->top, ...array_merge(...$this->grid->cells))
            ? self::FRACTION
            : 0);
        $this->place = self::PLACE + ($holds(...$this->grid->dividend, ...$this->grid->rest) ? self::FRACTION : 0);
    }

    /** @param list<Expression> $terms */
    private function widest(Pen $pen, array $terms): float
    {
        return max(0.0, ...array_map(
            static fn(Expression $term): float => $pen->measure($term, self::SIZE)->width,
            $terms,
        ));
    }
}
