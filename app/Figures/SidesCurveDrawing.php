<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\SidesCurveFigure;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\NoExactValue;

/** Both sides of an equation as curves, one full and one dashed: dots where they meet, crosses where they do not. */
final class SidesCurveDrawing implements Drawing
{
    private const WIDTH = 430.0;
    private const HEIGHT = 320.0;
    private const MARGIN = 30.0;
    private const POINTS = 160;

    private float $left;
    private float $right;
    private float $low;
    private float $high;

    public function __construct(private readonly SidesCurveFigure $curve)
    {
        $places = array_map(self::value(...), [...$curve->solutions, ...$curve->rejected]);
        $middle = $places === [] ? 0.0 : (max($places) + min($places)) / 2;
        $far = $places === [] ? 5.0 : max(2.0, (max($places) - min($places)) * .8);
        [$this->left, $this->right] = [$middle - $far - 1, $middle + $far + 1];
        $heights = [0.0];
        foreach ($this->samples() as $x) {
            foreach ([$this->at($curve->equation->left, $x), $this->at($curve->equation->right, $x)] as $y) {
                if ($y !== null) {
                    $heights[] = $y;
                }
            }
        }
        $span = max(1.0, max($heights) - min($heights));
        [$this->low, $this->high] = [min($heights) - .12 * $span, max($heights) + .12 * $span];
    }

    public function label(): Message
    {
        return Message::of('figure.sides', [
            'left' => $this->curve->equation->left,
            'right' => $this->curve->equation->right,
            'count' => \count($this->curve->solutions),
        ]);
    }

    public function draw(Pen $pen): array
    {
        $zero = $this->y(0);
        $pen->line(6, $zero, self::WIDTH - 6, $zero, Ink::TEXT, 1.4);
        $pen->starting(new Letter($this->curve->letter), self::WIDTH - 18, $zero - 8, 17);
        if ($this->left < 0 && $this->right > 0) {
            $pen->line($this->x(0), 6, $this->x(0), self::HEIGHT - 6, Ink::TEXT, 1.4);
        }
        $pen->path($this->trace($this->curve->equation->left), Ink::colour(0), 2.6);
        $pen->path($this->trace($this->curve->equation->right), Ink::colour(1), 2.6, '8 5');
        foreach ($this->curve->solutions as $solution) {
            $x = self::value($solution);
            $y = $this->at($this->curve->equation->left, $x) ?? 0.0;
            $pen->line($this->x($x), $this->y($y), $this->x($x), $zero, Ink::RULE, 1.2, '4 4');
            $pen->disc($this->x($x), $this->y($y), 6, Ink::LIGHT, Ink::LIGHT_EDGE, 2);
            $pen->starting($solution, $this->x($x) + 5, $zero + 24, 20);
        }
        foreach ($this->curve->rejected as $candidate) {
            $this->apart($pen, $candidate, $zero);
        }

        return [self::WIDTH, self::HEIGHT + $this->legend($pen)];
    }

    /** Where the two do not meet: both heights, and what lies between them. */
    private function apart(Pen $pen, Expression $candidate, float $zero): void
    {
        $x = self::value($candidate);
        $heights = array_filter([
            $this->at($this->curve->equation->left, $x),
            $this->at($this->curve->equation->right, $x),
        ], static fn(?float $height): bool => $height !== null);
        foreach ($heights as $height) {
            [$across, $down] = [$this->x($x), $this->y($height)];
            $pen->line($across - 5, $down - 5, $across + 5, $down + 5, Ink::TEXT, 2);
            $pen->line($across - 5, $down + 5, $across + 5, $down - 5, Ink::TEXT, 2);
        }
        if (\count($heights) === 2) {
            [$first, $second] = [min($heights), max($heights)];
            $pen->line($this->x($x), $this->y($first), $this->x($x), $this->y($second), Ink::LIGHT_EDGE, 1.6, '3 3');
        }
        $pen->starting($candidate, $this->x($x) + 6, $zero + 24, 20, Ink::QUIET);
        $width = $pen->measure($candidate, 20)->width;
        $pen->line($this->x($x) + 4, $zero + 22, $this->x($x) + 8 + $width, $zero + 12, Ink::QUIET, 1.6);
    }

    private function legend(Pen $pen): float
    {
        $pen->line(12, self::HEIGHT + 18, 52, self::HEIGHT + 18, Ink::colour(0), 2.6);
        $pen->starting($this->curve->equation->left, 62, self::HEIGHT + 24, 18, Ink::colour(0));
        $pen->line(12, self::HEIGHT + 46, 52, self::HEIGHT + 46, Ink::colour(1), 2.6, '8 5');
        $pen->starting($this->curve->equation->right, 62, self::HEIGHT + 52, 18, Ink::colour(1));

        return 64;
    }

    /** @return iterable<float> */
    private function samples(): iterable
    {
        for ($point = 0; $point <= self::POINTS; ++$point) {
            yield $this->left + ($this->right - $this->left) * $point / self::POINTS;
        }
    }

    private function trace(Expression $side): string
    {
        $path = '';
        $draws = false;
        foreach ($this->samples() as $x) {
            $y = $this->at($side, $x);
            if ($y === null) {
                $draws = false;
                continue;
            }
            $path .= ($draws ? 'L' : 'M') . \sprintf('%.2f %.2f', $this->x($x), $this->y($y));
            $draws = true;
        }

        return $path === '' ? 'M0 0' : $path;
    }

    /** Null where the side has no value. */
    private function at(Expression $side, float $x): ?float
    {
        try {
            $value = Evaluation::at(new Floats(), [$this->curve->letter => $x])->of($side);
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }

        return is_finite($value) ? $value : null;
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
        return self::HEIGHT - self::MARGIN
            - ($value - $this->low) / ($this->high - $this->low) * (self::HEIGHT - 1.5 * self::MARGIN);
    }
}
