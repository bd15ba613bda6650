<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\CurveFigure;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Message\Message;
use Runel\Number\Field\Floats;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A curve over both axes: roots and intercept marked with their exact numbers, of a parabola the vertex as well. */
final readonly class CurveDrawing implements Drawing
{
    private const WIDTH = 430.0;
    private const HEIGHT = 340.0;
    private const MARGIN = 34.0;
    /** What is written at a root takes so much to either side at least. */
    private const ROOM = 34.0;
    private const POINTS = 96;

    private float $left;
    private float $right;
    private float $low;
    private float $high;

    public function __construct(private CurveFigure $curve)
    {
        if ($curve->place === null || $curve->value === null) {
            [$this->left, $this->right, $this->low, $this->high] = $this->frame();

            return;
        }
        $place = self::value($curve->place);
        $far = 1.0;
        foreach (array_map(self::value(...), $curve->roots) as $root) {
            $far = max($far, abs($root - $place));
        }
        // The other axis is shown where it is not too far away.
        $far = abs($place) <= 4 * $far ? max($far, abs($place)) : $far;
        [$this->left, $this->right] = [$place - 1.35 * $far - .4, $place + 1.35 * $far + .4];
        $heights = [0.0, self::value($curve->value), $this->at($place + $far * 1.15)];
        $span = max($heights) - min($heights) ?: 1.0;
        [$this->low, $this->high] = [min($heights) - .18 * $span, max($heights) + .12 * $span];
    }

    /**
     * Of a curve without a vertex: all roots and the other axis, and how high it rises between them.
     *
     * @return array{float, float, float, float} left, right, low, high
     */
    private function frame(): array
    {
        $roots = [0.0, ...array_map(self::value(...), $this->curve->roots), ...$this->turns()];
        $width = max(1.0, max($roots) - min($roots));
        // Where nothing is crossed, it is to be seen that the curve turns away.
        $beyond = $this->curve->roots === [] ? .6 : .12;
        [$from, $to] = [min($roots) - $beyond * $width, max($roots) + $beyond * $width];
        $heights = [0.0];
        for ($point = 0; $point <= self::POINTS; ++$point) {
            $heights[] = $this->at($from + ($to - $from) * $point / self::POINTS);
        }
        $span = max($heights) - min($heights) ?: 1.0;

        return [
            $from - .1 * $width,
            $to + .1 * $width,
            min($heights) - .12 * $span,
            max($heights) + .12 * $span,
        ];
    }

    /** @return list<float> where a curve that meets no axis comes nearest to it; none where roots are shown */
    private function turns(): array
    {
        if ($this->curve->roots !== []) {
            return [];
        }
        $coefficients = array_map(
            static fn(Rational $one): float => abs($one->toFloat()),
            Polynomial::fromExpression($this->curve->function)->coefficients($this->curve->letter),
        );
        // All turning points lie within (Cauchy's bound, of the derivative's roots, too).
        $far = 1 + max([0.0, ...$coefficients]) / ($coefficients[0] ?? 1.0);
        $places = array_map(static fn(int $place): float => $far * $place / 300, range(-300, 300));
        $heights = array_map($this->at(...), $places);
        $turns = [];
        for ($place = 1; $place < 600; ++$place) {
            $isTurn = ($heights[$place] - $heights[$place - 1]) * ($heights[$place + 1] - $heights[$place]) <= 0;
            $turns = $isTurn ? [...$turns, $places[$place]] : $turns;
        }

        return $turns;
    }

    public function label(): Message
    {
        if ($this->curve->place === null || $this->curve->value === null) {
            return Message::of('figure.graph', [
                'function' => $this->curve->function,
                'count' => \count($this->curve->roots),
            ]);
        }

        return Message::of($this->curve->roots === [] ? 'figure.curve-none' : 'figure.curve', [
            'function' => $this->curve->function,
            'place' => $this->curve->place,
            'value' => $this->curve->value,
            'count' => \count($this->curve->roots),
        ]);
    }

    public function draw(Pen $pen): array
    {
        $this->axes($pen);
        $pen->path($this->trace(), Ink::colour(2), 2.6);
        $place = $this->curve->place === null ? null : self::value($this->curve->place);
        if ($place !== null) {
            $pen->line($this->x($place), self::MARGIN / 2, $this->x($place), self::HEIGHT - 8, Ink::RULE, 1.2, '6 5');
        }
        foreach ($this->curve->roots as $number => $root) {
            $x = $this->x(self::value($root));
            $pen->disc($x, $this->y(0), 5.5, Ink::colour(0), Ink::PAPER, 1.5);
            // Beside the curve: where it rises to the left, on the left, else on the right.
            $outwards = $place === null
                ? $this->at(self::value($root) - .05) > 0
                : self::value($root) < $place || (\count($this->curve->roots) === 1 && $number === 0);
            $below = $this->y(0) + 28;
            $width = $pen->measure($root, 21)->width;
            $start = $outwards ? $x - 6 - $width : $x + 6;
            $pen->starting($root, max(4.0, min($start, self::WIDTH - $width - 4)), $below, 21, Ink::colour(0));
        }
        if ($this->curve->place !== null && $this->curve->value !== null) {
            $this->mark($pen, $this->curve->place, $this->curve->value);
        }
        $intercept = self::value($this->curve->intercept);
        $shown = $this->left < 0 && $this->right > 0 && $intercept > $this->low && $intercept < $this->high;
        if ($shown && $place !== 0.0) {
            $pen->disc($this->x(0), $this->y($intercept), 4.5, Ink::PAPER, Ink::colour(2), 2);
            $pen->starting($this->curve->intercept, $this->x(0) + 9, $this->y($intercept) - 6, 19, Ink::colour(2));
        }

        return [self::WIDTH, self::HEIGHT];
    }

    private function mark(Pen $pen, Expression $place, Expression $value): void
    {
        [$x, $y] = [self::value($place), self::value($value)];
        $pen->disc($this->x($x), $this->y($y), 5.5, Ink::LIGHT, Ink::LIGHT_EDGE, 2);
        $upwards = $this->at($x + 1) > $y;
        $baseline = $this->y($y) + ($upwards ? 32 : -18);
        // Never over the axis: then it stands on the curve's other side.
        if ($baseline > $this->y(0) - 8 && $baseline < $this->y(0) + 26) {
            $baseline = $this->y($y) + ($upwards ? -18 : 32);
        }
        $comma = $pen->measure($place, 20)->width + 6;
        $width = $comma + 30 + $pen->measure($value, 20)->width;
        $start = max(4.0, min($this->x($x) + 10, self::WIDTH - $width));
        // Over the numbers of the other axis it stands on the vertex's other side, where there is room.
        $axis = $this->x(0);
        if ($x < 0 && $start + $width > $axis - self::ROOM && $this->x($x) - 10 - $width > 4) {
            $start = $this->x($x) - 10 - $width;
        }
        $pen->words('(', $start, $baseline, 21, Ink::TEXT, 'start');
        $pen->starting($place, $start + 7, $baseline, 20);
        $pen->words(',', $start + 4 + $comma, $baseline, 21, Ink::TEXT, 'start');
        $pen->starting($value, $start + 12 + $comma, $baseline, 20);
        $pen->words(')', $start + 15 + $comma + $pen->measure($value, 20)->width, $baseline, 21, Ink::TEXT, 'start');
    }

    private function axes(Pen $pen): void
    {
        $zero = $this->y(0);
        $pen->line(6, $zero, self::WIDTH - 6, $zero, Ink::TEXT, 1.5);
        $pen->starting(new Letter($this->curve->letter), self::WIDTH - 20, $zero - 8, 17);
        foreach (self::ticks($this->left, $this->right) as $tick) {
            $pen->line($this->x($tick), $zero - 4, $this->x($tick), $zero + 4, Ink::TEXT, 1.2);
            if ($this->isFree($tick, $pen)) {
                $pen->words(self::number($tick), $this->x($tick), $zero + 18, 13, Ink::QUIET);
            }
        }
        if ($this->left > 0 || $this->right < 0) {
            return;
        }
        $pen->line($this->x(0), 6, $this->x(0), self::HEIGHT - 6, Ink::TEXT, 1.5);
        foreach (self::ticks($this->low, $this->high) as $tick) {
            $pen->line($this->x(0) - 4, $this->y($tick), $this->x(0) + 4, $this->y($tick), Ink::TEXT, 1.2);
            if (abs($tick) > 1e-9 && abs($this->y($tick) - $zero) > 24) {
                $pen->words(self::number($tick), $this->x(0) - 8, $this->y($tick) + 4, 13, Ink::QUIET, 'end');
            }
        }
    }

    /** Whether a tick of the axis has room for its number: no root, no vertex and no other axis is near. */
    private function isFree(float $tick, Pen $pen): bool
    {
        $near = fn(float $place, float $room): bool => abs($this->x($tick) - $this->x($place)) < $room;
        foreach ($this->curve->roots as $root) {
            if ($near(self::value($root), max(self::ROOM, $pen->measure($root, 21)->width + 16))) {
                return false;
            }
        }
        $place = $this->curve->place === null ? 0.0 : self::value($this->curve->place);

        return !$near(0.0, self::ROOM) && !$near($place, self::ROOM);
    }

    private static function number(float $tick): string
    {
        return str_replace('-', '−', (string) round($tick, 6));
    }

    /** @return list<float> between five and ten marks, a step of 1, 2 or 5 apart */
    private static function ticks(float $from, float $to): array
    {
        $rough = ($to - $from) / 8;
        $power = 10 ** floor(log10($rough));
        $step = $power * ($rough / $power > 5 ? 10 : ($rough / $power > 2 ? 5 : ($rough / $power > 1 ? 2 : 1)));
        $ticks = [];
        for ($tick = ceil($from / $step) * $step; $tick <= $to; $tick += $step) {
            $ticks[] = $tick;
        }

        return $ticks;
    }

    private function trace(): string
    {
        $path = '';
        for ($point = 0; $point <= self::POINTS; ++$point) {
            $x = $this->left + ($this->right - $this->left) * $point / self::POINTS;
            $y = $this->at($x);
            if ($y < $this->low || $y > $this->high) {
                continue;
            }
            $path .= ($path === '' ? 'M' : 'L') . \sprintf('%.2f %.2f', $this->x($x), $this->y($y));
        }

        return $path;
    }

    private function at(float $x): float
    {
        return Evaluation::at(new Floats(), [$this->curve->letter => $x])->of($this->curve->function);
    }

    private static function value(Expression $expression): float
    {
        return Evaluation::at(new Floats(), [])->of($expression);
    }

    private function x(float $value): float
    {
        return self::MARGIN / 2 + ($value - $this->left) / ($this->right - $this->left) * (self::WIDTH - self::MARGIN);
    }

    private function y(float $value): float
    {
        return self::HEIGHT - self::MARGIN / 2
            - ($value - $this->low) / ($this->high - $this->low) * (self::HEIGHT - self::MARGIN);
    }
}
