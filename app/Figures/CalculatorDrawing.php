<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Message\Message;

/** Key after key with the display beside it; the reading with the wrong bar stands to the right, struck through. */
final readonly class CalculatorDrawing implements Drawing
{
    private const HEIGHT = 30;
    private const COLUMN = 196;
    private const TOP = 56;

    public function __construct(private CalculatorFigure $calculator) {}

    public function label(): Message
    {
        return Message::of('figure.calculator', [
            'meant' => $this->calculator->meant,
            'keys' => implode(' ', array_column($this->calculator->keys, 0)),
            'display' => $this->calculator->keys[\count($this->calculator->keys) - 1][1],
        ]);
    }

    public function draw(Pen $pen): array
    {
        $pen->starting($this->calculator->meant, 14, 32, 20);
        $height = $this->column($pen, $this->calculator->keys, 8.0, true);
        $width = (float) self::COLUMN;
        if ($this->calculator->other !== null) {
            $left = self::COLUMN + 20.0;
            $pen->starting($this->calculator->other, $left + 6, 32, 20, Ink::QUIET);
            $height = max($height, $this->column($pen, $this->calculator->wrong, $left, false));
            $width = $left + self::COLUMN;
        }

        return [$width, $height];
    }

    /** @param list<array{string, string}> $keys */
    private function column(Pen $pen, array $keys, float $left, bool $right): float
    {
        $y = (float) self::TOP;
        $last = \count($keys) - 1;
        foreach ($keys as $place => [$key, $display]) {
            $wide = max(34.0, 13.0 * mb_strlen($key) + 14);
            $pen->box($left, $y + 2, $wide, self::HEIGHT - 6, Ink::EDGE, Ink::RULE, 1.2, '', 6);
            $pen->words($key, $left + $wide / 2, $y + 20, 17, Ink::TEXT);
            $colour = $place === $last ? Ink::TEXT : Ink::QUIET;
            $pen->words($display, $left + self::COLUMN - 40, $y + 21, 18, $colour, 'end');
            if ($place === $last) {
                $pen->words($right ? '✓' : '✗', $left + self::COLUMN - 22, $y + 21, 20, $right ? '#1d6b3a' : '#a3123a');
            }
            $y += self::HEIGHT;
        }

        return $y + 10;
    }
}
