<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\RootHuntFigure;
use Runel\Demonstration\Figure\RootTrial;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Message\Message;

/** Candidates for roots side by side in rows: what each left over, which were passed over, which one fits. */
final readonly class RootHuntDrawing implements Drawing
{
    private const SIZE = 25;
    private const HEIGHT = 84;
    private const WIDTH = 620.0;

    public function __construct(private RootHuntFigure $hunt) {}

    public function label(): Message
    {
        return Message::of('figure.root-hunt', [
            'polynomial' => $this->hunt->polynomial,
            'count' => \count($this->hunt->written()) - 1,
        ]);
    }

    public function draw(Pen $pen): array
    {
        $cell = 64.0;
        foreach ($this->hunt->trials as $trial) {
            $cell = max(
                $cell,
                $pen->measure($trial->value, self::SIZE)->width + 30,
                $trial->remainder === null ? 0 : $pen->measure($trial->remainder, 18)->width + 40,
            );
        }
        $columns = max(2, (int) floor(self::WIDTH / $cell));
        // Opposites stand side by side, so that rows hold an even number.
        $columns -= $columns % 2;
        $pen->starting($this->hunt->polynomial, 6, 26, 22, Ink::QUIET);
        foreach ($this->hunt->trials as $place => $trial) {
            $x = 4 + ($place % $columns) * $cell;
            $y = 44 + intdiv($place, $columns) * self::HEIGHT;
            $this->trial($pen, $trial, $x, $y, $cell, \in_array($place, $this->hunt->now, true));
        }
        $rows = intdiv(\count($this->hunt->trials) - 1, $columns) + 1;

        return [
            max(8 + $cell * min($columns, \count($this->hunt->trials)), $pen->measure(
                $this->hunt->polynomial,
                22,
            )->width + 12),
            44 + $rows * self::HEIGHT,
        ];
    }

    private function trial(Pen $pen, RootTrial $trial, float $x, float $y, float $width, bool $lit): void
    {
        $passed = \in_array($trial->verdict, [RootVerdict::Sign, RootVerdict::Beyond], true);
        if ($lit) {
            $pen->box($x + 3, $y + 2, $width - 6, self::HEIGHT - 8, Ink::LIGHT, Ink::LIGHT_EDGE, 1.6, '', 6);
        } else {
            $pen->box($x + 3, $y + 2, $width - 6, self::HEIGHT - 8, 'none', Ink::RULE, 1, $passed ? '3 4' : '', 6);
        }
        $colour = $passed ? Ink::QUIET : Ink::TEXT;
        $pen->centred($trial->value, $x + $width / 2, $y + 26, self::SIZE, $colour);
        $below = $y + 62;
        if ($trial->verdict === RootVerdict::Fits) {
            $pen->words('✓', $x + $width / 2, $below + 2, 22, Ink::TEXT);
        } elseif ($trial->remainder !== null) {
            $pen->words('✗', $x + 18, $below, 17, Ink::TEXT);
            $pen->centred($trial->remainder, $x + 10 + $width / 2, $below - 6, 18);
        } elseif ($passed) {
            $half = $pen->measure($trial->value, self::SIZE)->width / 2 + 4;
            $middle = $x + $width / 2;
            $pen->line($middle - $half, $y + 34, $middle + $half, $y + 18, Ink::QUIET, 1.6);
        }
    }
}
