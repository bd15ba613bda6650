<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\GridFigure;
use Runel\Expression\Expression;
use Runel\Message\Message;

/** The grid: edges tinted, cells ruled, the cells of one ink joined by a band, the answer's places below. */
final readonly class GridDrawing implements Drawing
{
    private const SIZE = 26;
    private const HEIGHT = 62;
    private const MARGIN = 4;

    public function __construct(private GridFigure $grid) {}

    public function label(): Message
    {
        return Message::of('figure.grid', [
            'columns' => Message::of('grid.size.columns', ['count' => \count($this->grid->top)]),
            'rows' => Message::of('grid.size.rows', ['count' => \count($this->grid->side)]),
            'filled' => \count($this->grid->state->filled),
        ]);
    }

    public function draw(Pen $pen): array
    {
        [$edge, $cell] = $this->widths($pen);
        $left = self::MARGIN + $edge;
        $top = self::MARGIN + self::HEIGHT * 0.84;
        $columns = \count($this->grid->top);
        $rows = \count($this->grid->side);
        $width = $left + $columns * $cell + self::MARGIN;
        $height = $top + $rows * self::HEIGHT + self::MARGIN;

        $pen->box(
            self::MARGIN,
            self::MARGIN,
            $width - 2 * self::MARGIN,
            $height - 2 * self::MARGIN,
            Ink::EDGE,
            'none',
            1,
            '',
            6,
        );
        $pen->box($left, $top, $columns * $cell, $rows * self::HEIGHT, Ink::PAPER);
        $pen->words('×', self::MARGIN + $edge / 2, self::MARGIN + self::HEIGHT * 0.52, 20);
        $this->bands($pen, $left, $top, $cell);
        $this->cells($pen, $left, $top, $cell);
        $this->rules($pen, $left, $top, $cell);
        if ($this->grid->state->edges) {
            foreach ($this->grid->top as $column => $term) {
                $pen->centred($term, $left + ($column + 0.5) * $cell, self::MARGIN + self::HEIGHT * 0.42, self::SIZE);
            }
            foreach ($this->grid->side as $row => $term) {
                $pen->centred($term, self::MARGIN + $edge / 2, $top + ($row + 0.5) * self::HEIGHT, self::SIZE);
            }
        }

        return $this->grid->state->inked ? $this->totals($pen, $width, $height) : [$width, $height];
    }

    /** @return array{float, float} the width of the left edge and of a cell */
    private function widths(Pen $pen): array
    {
        $widest = static fn(Expression ...$nodes): float => max(0.0, ...array_map(
            static fn(Expression $node): float => $pen->measure($node, self::SIZE)->width,
            array_values($nodes),
        ));
        $cell = max($widest(...$this->grid->top), $widest(...array_merge(...$this->grid->cells)), 40) + 34;

        return [max(72.0, $widest(...$this->grid->side) + 30), min(max($cell, 92.0), 240.0)];
    }

    /** A soft band behind the cells that are being added. */
    private function bands(Pen $pen, float $left, float $top, float $cell): void
    {
        $ink = $this->grid->state->ink;
        if ($ink === null) {
            return;
        }
        $points = [];
        foreach ($this->grid->inks as $row => $inks) {
            foreach ($inks as $column => $own) {
                if ($own === $ink) {
                    $points[] = [$left + ($column + 0.5) * $cell, $top + ($row + 0.5) * self::HEIGHT];
                }
            }
        }
        usort($points, static fn(array $first, array $second): int => $second[0] <=> $first[0]);
        for ($place = 1; $place < \count($points); ++$place) {
            $pen->line(
                $points[$place - 1][0],
                $points[$place - 1][1],
                $points[$place][0],
                $points[$place][1],
                Ink::LIGHT,
                44,
            );
        }
    }

    private function cells(Pen $pen, float $left, float $top, float $cell): void
    {
        foreach ($this->grid->cells as $row => $expressions) {
            foreach ($expressions as $column => $expression) {
                $x = $left + $column * $cell;
                $y = $top + $row * self::HEIGHT;
                $lit = $this->grid->isLit($row, $column);
                if ($lit) {
                    $pen->box($x + 5, $y + 5, $cell - 10, self::HEIGHT - 10, Ink::LIGHT, Ink::LIGHT_EDGE, 2, '', 6);
                }
                if (!$this->grid->isFilled($row, $column)) {
                    continue;
                }
                $ink = $this->grid->inks[$row][$column];
                $inked = $this->grid->state->inked;
                $pen->centred(
                    $expression,
                    $x + $cell / 2,
                    $y + self::HEIGHT / 2,
                    self::SIZE,
                    $inked ? Ink::colour($ink) : Ink::TEXT,
                );
                if ($inked) {
                    $width = $pen->measure($expression, self::SIZE)->width;
                    $pen->inkLine($ink, $x + ($cell - $width) / 2, $width, $y + self::HEIGHT - 13, $y + 12);
                }
            }
        }
    }

    private function rules(Pen $pen, float $left, float $top, float $cell): void
    {
        $columns = \count($this->grid->top);
        $rows = \count($this->grid->side);
        for ($column = 0; $column <= $columns; ++$column) {
            $outer = $column === 0 || $column === $columns;
            $pen->line(
                $left + $column * $cell,
                $top,
                $left + $column * $cell,
                $top + $rows * self::HEIGHT,
                $outer ? Ink::TEXT : Ink::RULE,
                $outer ? 2 : 1.2,
            );
        }
        for ($row = 0; $row <= $rows; ++$row) {
            $outer = $row === 0 || $row === $rows;
            $pen->line(
                $left,
                $top + $row * self::HEIGHT,
                $left + $columns * $cell,
                $top + $row * self::HEIGHT,
                $outer ? Ink::TEXT : Ink::RULE,
                $outer ? 2 : 1.2,
            );
        }
    }

    /**
     * The places of the answer, one an ink, filled where the sum is known.
     *
     * @return array{float, float}
     */
    private function totals(Pen $pen, float $width, float $height): array
    {
        $inks = array_unique(array_merge(...$this->grid->inks));
        rsort($inks);
        $sums = [];
        foreach ($this->grid->state->totals as $total) {
            $sums[$total->ink] = $total->sum;
        }

        return (new AnswerPlaces($inks, $sums, $this->grid->state->ink))->draw($pen, $width, $height + 14);
    }
}
