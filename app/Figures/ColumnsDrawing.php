<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\ColumnsFigure;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Number\Rational;

/** Coefficients in columns, the power over each, a rule under the factors and one over the sums. */
final readonly class ColumnsDrawing implements Drawing
{
    private const SIZE = 25;
    private const HEIGHT = 40;

    public function __construct(private ColumnsFigure $columns) {}

    public function label(): Message
    {
        return Message::of('figure.columns', [
            'rows' => $this->columns->rowsWritten,
            'sums' => $this->columns->sumsWritten,
        ]);
    }

    public function draw(Pen $pen): array
    {
        $top = \count($this->columns->upper) + \count($this->columns->lower) - 2;
        $cell = 64.0;
        foreach ([
            $this->columns->upper,
            $this->columns->lower,
            ...$this->columns->rows,
            $this->columns->sums(),
        ] as $numbers) {
            foreach ($numbers as $number) {
                $cell = max($cell, $pen->measure(Numeral::of($number), self::SIZE)->width + 26);
            }
        }
        $left = 44.0;
        $right = $left + ($top + 1) * $cell;
        $centre = static fn(int $power): float => $right - ($power + 0.5) * $cell;
        for ($power = $top; $power >= 0; --$power) {
            $pen->centred($this->columns->powers[$top - $power], $centre($power), 16, 17, Ink::QUIET);
        }
        $y = 34.0;
        foreach ([$this->columns->upper, $this->columns->lower] as $row => $coefficients) {
            if ($row === 1) {
                $pen->words('×', 20, $y + self::HEIGHT * 0.68, 24, Ink::TEXT);
            }
            foreach (array_reverse($coefficients) as $power => $coefficient) {
                $multiplying = $row === 1
                    && !$this->columns->quiet
                    && $this->columns->sumsWritten === 0
                    && $power === $this->columns->rowsWritten - 1;
                $this->number($pen, $coefficient, $centre($power), $y, $cell, $multiplying, Ink::TEXT);
            }
            $y += self::HEIGHT;
        }
        $pen->line($left - 30, $y + 2, $right, $y + 2, Ink::TEXT, 2);
        $y += 6;
        $litSum = $this->columns->quiet ? 0 : $this->columns->sumsWritten;
        for ($row = 0; $row < $this->columns->rowsWritten; ++$row) {
            foreach ($this->columns->rows[$row] as $power => $product) {
                $lit = $litSum > 0
                    ? $power === $litSum - 1
                    : (!$this->columns->quiet && $row === $this->columns->rowsWritten - 1);
                $this->number($pen, $product, $centre($power), $y, $cell, $lit, Ink::colour($power));
            }
            $y += self::HEIGHT;
        }
        if ($this->columns->sumsWritten > 0) {
            $pen->line($left - 30, $y + 2, $right, $y + 2, Ink::TEXT, 2);
            $y += 6;
            foreach ($this->columns->sums() as $power => $sum) {
                if ($power < $this->columns->sumsWritten) {
                    $this->number($pen, $sum, $centre($power), $y, $cell, $power === $litSum - 1, Ink::colour($power));
                    $pen->inkLine($power, $centre($power) - 16, 32, $y + self::HEIGHT - 2, $y + 3);
                }
            }
            $y += self::HEIGHT + 4;
        }

        return [$right + 6, $y + 4];
    }

    private function number(
        Pen $pen,
        Rational $number,
        float $x,
        float $y,
        float $cell,
        bool $lit,
        string $colour,
    ): void {
        if ($lit) {
            $pen->box(
                $x - $cell / 2 + 5,
                $y + 2,
                $cell - 10,
                self::HEIGHT - 4,
                Ink::LIGHT,
                Ink::LIGHT_EDGE,
                1.5,
                '',
                5,
            );
        }
        $pen->centred(Numeral::of($number), $x, $y + self::HEIGHT / 2, self::SIZE, $colour);
    }
}
