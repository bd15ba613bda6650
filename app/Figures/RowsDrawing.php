<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\RowsFigure;
use Runel\Expression\Product;
use Runel\Message\Message;

/** Rows of products under one another, each power in a column of its own, the sums under a rule. */
final readonly class RowsDrawing implements Drawing
{
    private const SIZE = 25;
    private const HEIGHT = 50;

    public function __construct(private RowsFigure $rows) {}

    public function label(): Message
    {
        return Message::of('figure.rows', ['rows' => \count(
            $this->rows->multipliers,
        ), 'filled' => \count($this->rows->filled)]);
    }

    public function draw(Pen $pen): array
    {
        $labels = array_map(fn($multiplier) => Product::of(
            [$multiplier, $this->rows->multiplied],
        ), $this->rows->multipliers);
        $edge = max(0.0, ...array_map(static fn($label): float => $pen->measure($label, 19)->width, $labels)) + 34;
        $widths = $this->widths($pen);
        $right = $edge + array_sum($widths);
        $count = \count($labels);
        $height = $count * self::HEIGHT + 8;
        foreach ($labels as $row => $label) {
            $y = ($row + 0.5) * self::HEIGHT + 4;
            $current = array_filter(
                array_keys($this->rows->lit),
                static fn(string $key): bool => str_starts_with($key, "$row,"),
            ) !== [];
            $pen->ending($label, $edge - 20, $y + 7, 19, $current ? Ink::TEXT : Ink::QUIET);
            $x = $edge;
            foreach ($this->rows->inks as $place => $ink) {
                $this->entry($pen, $row, $ink, $x, $y, $widths[$place]);
                $x += $widths[$place];
            }
        }
        $pen->line($edge - 8, 6, $edge - 8, $height - 2, Ink::RULE, 1.2);
        if ($this->rows->totals === []) {
            return [$right + 4, $height];
        }
        $pen->line($edge - 8, $height, $right, $height, Ink::TEXT, 2);
        $this->totals($pen, $edge, $height, $widths);

        return [$right + 4, $height + self::HEIGHT + 6];
    }

    /** @return list<float> how wide each column has to be */
    private function widths(Pen $pen): array
    {
        $widths = [];
        foreach ($this->rows->inks as $ink) {
            $inColumn = array_column($this->rows->entries, $ink);
            foreach ($this->rows->totals as $total) {
                if ($total->ink === $ink) {
                    $inColumn[] = $total->sum;
                }
            }
            $widths[] = 30 + max(44.0, ...array_map(
                static fn($entry): float => $pen->measure($entry, self::SIZE)->width,
                $inColumn,
            ));
        }

        return $widths;
    }

    /** @param list<float> $widths of the columns */
    private function totals(Pen $pen, float $edge, float $height, array $widths): void
    {
        $x = $edge;
        foreach ($this->rows->inks as $place => $ink) {
            foreach ($this->rows->totals as $total) {
                if ($total->ink === $ink) {
                    $pen->centred(
                        $total->sum,
                        $x + $widths[$place] / 2,
                        $height + self::HEIGHT / 2,
                        self::SIZE,
                        Ink::colour($ink),
                    );
                    $width = $pen->measure($total->sum, self::SIZE)->width;
                    $pen->inkLine(
                        $ink,
                        $x + ($widths[$place] - $width) / 2,
                        $width,
                        $height + self::HEIGHT - 6,
                        $height + 7,
                    );
                }
            }
            $x += $widths[$place];
        }
    }

    private function entry(Pen $pen, int $row, int $ink, float $x, float $y, float $width): void
    {
        $key = "$row,$ink";
        if (!isset($this->rows->filled[$key], $this->rows->entries[$row][$ink])) {
            return;
        }
        if (isset($this->rows->lit[$key])) {
            $pen->box(
                $x + 4,
                $y - self::HEIGHT / 2 + 4,
                $width - 8,
                self::HEIGHT - 8,
                Ink::LIGHT,
                Ink::LIGHT_EDGE,
                2,
                '',
                6,
            );
        }
        $entry = $this->rows->entries[$row][$ink];
        $length = $pen->measure($entry, self::SIZE)->width;
        $pen->centred($entry, $x + $width / 2, $y, self::SIZE, Ink::colour($ink));
        $pen->inkLine($ink, $x + ($width - $length) / 2, $length, $y + self::HEIGHT / 2 - 8, $y - self::HEIGHT / 2 + 9);
    }
}
