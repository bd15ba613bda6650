<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\HeapsFigure;
use Runel\Message\Message;

/** Two rows of counters facing each other; opposite ones are struck out in pairs, what is left is lit. */
final readonly class HeapsDrawing implements Drawing
{
    private const STEP = 30;
    private const RADIUS = 11;

    public function __construct(private HeapsFigure $heaps) {}

    public function label(): Message
    {
        return Message::of('figure.heaps', [
            'plus' => array_sum($this->heaps->plus),
            'minus' => array_sum($this->heaps->minus),
            'total' => $this->heaps->total,
        ]);
    }

    public function draw(Pen $pen): array
    {
        $plus = (int) array_sum($this->heaps->plus);
        $minus = (int) array_sum($this->heaps->minus);
        $paired = min($plus, $minus);
        foreach ([
            ['+', $plus, 30, $this->heaps->plus],
            ['−', $minus, 78, $this->heaps->minus],
        ] as [$sign, $count, $y, $parts]) {
            for ($place = 0; $place < $count; ++$place) {
                $x = 24 + $place * self::STEP;
                $left = $place >= $paired;
                $pen->disc(
                    $x,
                    $y,
                    self::RADIUS,
                    $left ? Ink::LIGHT : Ink::PAPER,
                    $left ? Ink::LIGHT_EDGE : Ink::RULE,
                    $left ? 2.2 : 1.3,
                );
                $pen->words($sign, $x, $y + 6, 18, $left ? Ink::TEXT : Ink::QUIET);
            }
            $end = 0;
            foreach (\array_slice($parts, 0, -1) as $part) {
                $end += $part;
                $x = 24 + ($end - 0.5) * self::STEP;
                $pen->line($x, $y - 15, $x, $y + 15, Ink::RULE, 1.2, '3 3');
            }
        }
        for ($place = 0; $place < $paired; ++$place) {
            $x = 24 + $place * self::STEP;
            $pen->line($x + 7, 20, $x - 7, 88, Ink::TEXT, 1.6);
        }
        $width = max(24 + max($plus, $minus) * self::STEP, 120);
        $pen->starting($this->heaps->unit, $width + 6, 60, 20, Ink::QUIET);

        return [$width + $pen->measure($this->heaps->unit, 20)->width + 20, 104];
    }
}
