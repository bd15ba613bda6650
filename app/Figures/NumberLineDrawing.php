<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\NumberLineFigure;
use Runel\Expression\Numeral;
use Runel\Message\Message;

/** A line with its numbers; above it one arrow a jump, each beginning where the one before has ended. */
final readonly class NumberLineDrawing implements Drawing
{
    private const LEFT = 20.0;
    private const WIDTH = 230.0;
    private const WIDEST_UNIT = 30.0;
    private const STEP = 42.0;
    private const SIZE = 17;
    /** From so many numbers on, only every fifth is written. */
    private const CROWDED = 10;

    public function __construct(private NumberLineFigure $line) {}

    public function label(): Message
    {
        return Message::of('figure.number-line', [
            'count' => \count($this->line->terms),
            'end' => $this->line->total,
        ]);
    }

    public function draw(Pen $pen): array
    {
        [$least, $most] = [$this->line->least() - 1, $this->line->most() + 1];
        $unit = min(self::WIDEST_UNIT, self::WIDTH / ($most - $least));
        $at = static fn(int $number): float => self::LEFT + ($number - $least) * $unit;
        $axis = 30 + self::STEP * \count($this->line->terms);
        $places = $this->line->places();
        foreach ($this->line->terms as $jump => $term) {
            $y = $axis - self::STEP * ($jump + 1) + 22;
            [$from, $to] = [$at($places[$jump]), $at($places[$jump + 1])];
            $pen->line($from, $y, $from, $axis, Ink::RULE, 1.2, '2 4');
            $pen->disc($from, $y, 4, Ink::TEXT, Ink::TEXT);
            $this->arrow($pen, $from, $to, $y);
            $pen->centred($term, ($from + $to) / 2, $y - 16, self::SIZE);
        }
        $end = $at($places[\count($places) - 1]);
        $pen->line($end, $axis - self::STEP * \count($this->line->terms) + 22, $end, $axis, Ink::RULE, 1.2, '2 4');
        $this->axis($pen, $least, $most, $axis, $at);
        $pen->box($end - 26, $axis + 40, 52, 32, Ink::LIGHT, Ink::LIGHT_EDGE, 1.5, '', 6);
        $pen->centred($this->line->total, $end, $axis + 56, self::SIZE);

        return [$at($most) + self::LEFT, $axis + 84];
    }

    /** @param \Closure(int): float $at */
    private function axis(Pen $pen, int $least, int $most, float $axis, \Closure $at): void
    {
        $pen->line($at($least) - 12, $axis, $at($most) + 12, $axis, Ink::TEXT, 2);
        for ($number = $least; $number <= $most; ++$number) {
            $isNamed = $most - $least < self::CROWDED || $number % 5 === 0;
            $tick = $isNamed ? 6 : 3;
            $pen->line($at($number), $axis - $tick, $at($number), $axis + $tick, Ink::TEXT, 1.5);
            if ($isNamed) {
                $pen->centred(Numeral::of($number), $at($number), $axis + 22, 15, Ink::QUIET);
            }
        }
    }

    private function arrow(Pen $pen, float $from, float $to, float $y): void
    {
        $pen->line($from, $y, $to, $y, Ink::TEXT, 2.5);
        $back = $to < $from ? 9 : -9;
        $pen->path(
            \sprintf('M%.1f %.1fL%.1f %.1fL%.1f %.1f', $to + $back, $y - 6, $to, $y, $to + $back, $y + 6),
            Ink::TEXT,
            2.5,
        );
    }
}
