<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\FactorGridFigure;
use Runel\Expression\Expression;
use Runel\Message\Message;

/** The 2 × 2 grid whose edges are found last. */
final readonly class FactorGridDrawing implements Drawing
{
    private const CELL = 120;
    private const HEIGHT = 74;
    private const EDGE = 96;

    public function __construct(private FactorGridFigure $grid) {}

    public function label(): Message
    {
        return Message::of('figure.factor-grid');
    }

    public function draw(Pen $pen): array
    {
        $left = 4 + self::EDGE;
        $top = 4 + 60;
        $pen->box(4, 4, self::EDGE + 2 * self::CELL, 60 + 2 * self::HEIGHT, Ink::EDGE, 'none', 1, '', 6);
        $pen->words('×', 4 + self::EDGE / 2, 40, 20);
        foreach ([0, 1] as $place) {
            $this->edge(
                $pen,
                $this->grid->top[$place],
                $left + ($place + 0.5) * self::CELL,
                34,
                $this->grid->lit === 'column-' . ($place + 1),
            );
            $this->edge(
                $pen,
                $this->grid->side[$place],
                4 + self::EDGE / 2,
                $top + ($place + 0.5) * self::HEIGHT,
                $this->grid->lit === 'row-' . ($place + 1),
            );
        }
        foreach ([0, 1] as $row) {
            foreach ([0, 1] as $column) {
                [$x, $y] = [$left + $column * self::CELL, $top + $row * self::HEIGHT];
                $lit = match ($this->grid->lit) {
                    'corners' => $row === $column,
                    'middle' => $row !== $column,
                    'row-' . ($row + 1), 'column-' . ($column + 1) => true,
                    default => false,
                };
                $pen->box($x, $y, self::CELL, self::HEIGHT, Ink::PAPER, Ink::TEXT, 1.6);
                if ($lit) {
                    $pen->box(
                        $x + 6,
                        $y + 6,
                        self::CELL - 12,
                        self::HEIGHT - 12,
                        Ink::LIGHT,
                        Ink::LIGHT_EDGE,
                        2,
                        '',
                        6,
                    );
                }
                $cell = $this->grid->cells[$row][$column];
                if ($cell !== null) {
                    $ink = 2 - $row - $column;
                    $pen->centred($cell, $x + self::CELL / 2, $y + self::HEIGHT / 2, 27, Ink::colour($ink));
                    $width = $pen->measure($cell, 27)->width;
                    $pen->inkLine($ink, $x + (self::CELL - $width) / 2, $width, $y + self::HEIGHT - 16, $y + 14);
                }
            }
        }

        return [$left + 2 * self::CELL + 8, $top + 2 * self::HEIGHT + 8];
    }

    private function edge(Pen $pen, ?Expression $factor, float $x, float $y, bool $lit): void
    {
        if ($factor === null) {
            return;
        }
        if ($lit) {
            $pen->box($x - 42, $y - 24, 84, 48, Ink::LIGHT, Ink::LIGHT_EDGE, 2, '', 6);
        }
        $pen->centred($factor, $x, $y, 27);
    }
}
