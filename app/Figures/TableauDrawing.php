<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\Piece;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Expression\Expression;
use Runel\Message\Message;

/** Synthetic division: the corner, coefficients, products, a rule, sums; arrows show where a number comes from. */
final class TableauDrawing implements Drawing
{
    private const SIZE = 26;
    private const HEIGHT = 44;
    /** Up to this width all columns are alike. */
    private const ROOM = 560;

    /** @var list<float> where each column begins, and where the last one ends */
    private array $edges = [];
    private float $left = 0;
    private float $cornerAt = 0;

    /**
     * @param array<string, array{float, float}> $ways by number, as in "top 1": how far from its place it starts
     * @param list<string>|null                  $lit  the rows that are lit; left out, the number written last
     */
    public function __construct(
        private readonly TableauFigure $tableau,
        private readonly array $ways = [],
        private readonly ?array $lit = null,
    ) {}

    public function label(): Message
    {
        return Message::of('figure.tableau', ['corner' => $this->tableau->corner, 'count' => $this->tableau->count]);
    }

    /** @return array<string, array{float, float}> where the middle of each number is, as in "product 2" */
    public function places(Pen $pen): array
    {
        $this->measure($pen);
        $rows = self::rows();
        $places = ['corner' => [$this->cornerAt, $rows[0] + self::HEIGHT / 2]];
        foreach (array_keys($this->tableau->top) as $place) {
            foreach (['top', 'product', 'sum'] as $row => $kind) {
                $places["$kind $place"] = [$this->centre($place), $rows[$row] + self::HEIGHT / 2];
            }
        }

        return $places;
    }

    public function draw(Pen $pen): array
    {
        $tableau = $this->tableau;
        $count = \count($tableau->top);
        $corner = $this->measure($pen);
        $right = $this->edges[$count];
        foreach ($tableau->powers as $place => $power) {
            $pen->centred($power, $this->centre($place), 14, 17, Ink::QUIET);
        }
        $rows = self::rows();
        $last = $this->lit === null ? $tableau->last() : null;
        $this->corner($pen, $corner, $rows[0], $last !== null && str_starts_with($last, 'product'));
        foreach ($tableau->top as $place => $coefficient) {
            $this->number($pen, $coefficient, "top $place", $rows[0], false);
            if ($tableau->hasProduct($place)) {
                $product = $tableau->products[$place - 1];
                $this->number($pen, $product, "product $place", $rows[1], $last === "product $place");
            }
        }
        $pen->words($tableau->subtracts ? '−' : '+', $this->left - 14, $rows[1] + self::HEIGHT * 0.66, 24, Ink::TEXT);
        $pen->line(6, $rows[2] - 5, $right + 4, $rows[2] - 5, Ink::TEXT, 2);
        foreach ($tableau->sums as $place => $sum) {
            if ($tableau->hasSum($place)) {
                if ($place === $count - 1) {
                    $pen->box(
                        $this->edges[$place] + 4,
                        $rows[2] + 1,
                        $this->edges[$place + 1] - $this->edges[$place] - 8,
                        self::HEIGHT - 4,
                        'none',
                        Ink::TEXT,
                        1.6,
                        '',
                        4,
                    );
                }
                $this->number($pen, $sum, "sum $place", $rows[2], $last === "sum $place");
            }
        }
        $this->arrows($pen, $rows, $last);
        $bottom = $rows[2] + self::HEIGHT;
        if ($tableau->hasScaled()) {
            $bottom = $this->scaled($pen, $bottom + 8);
        }

        return [$right + 10, $bottom + 8];
    }

    /** The number that multiplies, in its box; a broken line around it while it does. */
    private function corner(Pen $pen, float $width, float $y, bool $multiplies): void
    {
        $pen->box(6, $y + 3, $width, self::HEIGHT - 6, 'none', Ink::TEXT, 2, '', 4);
        if ($multiplies) {
            $pen->box(2, $y - 1, $width + 8, self::HEIGHT + 2, 'none', Ink::QUIET, 1.2, '3 3', 6);
        }
        if (\in_array('corner', $this->lit ?? [], true)) {
            $pen->box(10, $y + 7, $width - 8, self::HEIGHT - 14, Ink::LIGHT, Ink::LIGHT_EDGE, 1.5, '', 4);
        }
        $this->travelling($pen, 'corner', fn() => $pen->centred(
            $this->tableau->corner,
            $this->cornerAt,
            $y + self::HEIGHT / 2,
            self::SIZE,
        ));
    }

    /** @param list<float> $rows */
    private function arrows(Pen $pen, array $rows, ?string $last): void
    {
        $piece = Piece::named($last ?? 'none');
        [$kind, $place] = [$piece->kind, $piece->place];
        if ($kind === 'product') {
            // From the sum before, up to the right, under the next coefficient.
            $from = [$this->edges[$place] - 12, $rows[2] + 4];
            $to = [$this->edges[$place] + 12, $rows[1] + self::HEIGHT - 10];
            $this->arrow($pen, $from, $to);
        } elseif ($kind === 'sum') {
            $x = $this->edges[$place + 1] - 9;
            $this->arrow($pen, [$x, $rows[0] + 8], [$x, $rows[2] + 4]);
        }
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function arrow(Pen $pen, array $from, array $to): void
    {
        $angle = atan2($to[1] - $from[1], $to[0] - $from[0]);
        $pen->line($from[0], $from[1], $to[0], $to[1], Ink::LIGHT_EDGE, 1.6);
        foreach ([2.6, -2.6] as $turn) {
            $pen->line(
                $to[0],
                $to[1],
                $to[0] + 8 * cos($angle + $turn),
                $to[1] + 8 * sin($angle + $turn),
                Ink::LIGHT_EDGE,
                1.6,
            );
        }
    }

    /** The sums divided by the divisor's leading coefficient, the remainder left as it is. */
    private function scaled(Pen $pen, float $y): float
    {
        $pen->words('÷', 20, $y + self::HEIGHT * 0.66, 24, Ink::TEXT);
        if ($this->tableau->scale !== null) {
            $pen->starting($this->tableau->scale, 36, $y + self::HEIGHT * 0.66, 22);
        }
        foreach ($this->tableau->scaled as $place => $number) {
            $this->number($pen, $number, "scaled $place", $y, true);
        }

        return $y + self::HEIGHT;
    }

    /** @param string $name as in "sum 2": which number of its row it is */
    private function number(Pen $pen, Expression $number, string $name, float $y, bool $lit): void
    {
        $piece = Piece::named($name);
        [$row, $place] = [$piece->kind, $piece->place];
        if ($lit || \in_array($row, $this->lit ?? [], true)) {
            $pen->box(
                $this->edges[$place] + 7,
                $y + 3,
                $this->edges[$place + 1] - $this->edges[$place] - 14,
                self::HEIGHT - 8,
                Ink::LIGHT,
                Ink::LIGHT_EDGE,
                1.5,
                '',
                5,
            );
        }
        $this->travelling($pen, $name, fn() => $pen->centred(
            $number,
            $this->centre($place),
            $y + self::HEIGHT / 2 - 1,
            self::SIZE,
        ));
    }

    /** @param \Closure(): void $draw */
    private function travelling(Pen $pen, string $name, \Closure $draw): void
    {
        if (isset($this->ways[$name])) {
            $pen->travelling($this->ways[$name], $draw);
        } else {
            $draw();
        }
    }

    /** @return array{float, float, float} where coefficients, products and sums start */
    private static function rows(): array
    {
        return [28.0, 28.0 + self::HEIGHT, 36.0 + 2 * self::HEIGHT];
    }

    private function centre(int $place): float
    {
        return ($this->edges[$place] + $this->edges[$place + 1]) / 2;
    }

    /**
     * Alike while there is room: then the widest number decides the width of every column, else each has its own.
     * Returns the width of the corner.
     */
    private function measure(Pen $pen): float
    {
        $tableau = $this->tableau;
        $corner = max(44.0, $pen->measure($tableau->corner, self::SIZE)->width + 24);
        $scale = $tableau->scale === null ? 0 : $pen->measure($tableau->scale, 22)->width + 40;
        $this->left = max($corner + 26, $scale + 16);
        $this->cornerAt = 6 + $corner / 2;
        $widths = [];
        foreach ($tableau->top as $place => $top) {
            $widest = 34.0;
            foreach ([$top, $tableau->products[$place - 1] ?? null, $tableau->sums[$place] ?? null] as $number) {
                $widest = max($widest, $number === null ? 0 : $pen->measure($number, self::SIZE)->width);
            }
            $scaled = $tableau->scaled[$place] ?? null;
            $widths[] = max($widest, $scaled === null ? 0 : $pen->measure($scaled, self::SIZE)->width) + 30;
        }
        $alike = max(0, ...$widths) + 6;
        $this->edges = [$this->left];
        foreach ($widths as $width) {
            $this->edges[] = $this->edges[\count($this->edges) - 1]
                + ($alike * \count($widths) <= self::ROOM ? $alike : $width);
        }

        return $corner;
    }
}
