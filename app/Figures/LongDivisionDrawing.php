<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\LongDivision;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Sum;
use Runel\Message\Message;

/** Long division in columns, one a power: divisor at the left, quotient above, what is taken away and left below. */
final class LongDivisionDrawing implements Drawing
{
    private const SIZE = 24;
    private const HEIGHT = 38;
    /** Room for a sign before each term. */
    private const SIGN = 26;

    private float $column = 0;
    private float $left = 0;
    private int $top = 0;

    public function __construct(private readonly LongDivision $division) {}

    public function label(): Message
    {
        return Message::of('figure.long-division', [
            'divisor' => self::sum($this->division->divisor),
            'rounds' => $this->roundsWritten(),
        ]);
    }

    public function draw(Pen $pen): array
    {
        $division = $this->division;
        $this->top = (int) array_key_first($division->dividend);
        $this->measure($pen);
        $divisor = $pen->measure(self::sum($division->divisor), self::SIZE)->width;
        $this->left = $divisor + 44;
        $right = $this->left + ($this->top + 1) * $this->column;
        [$piece, $number] = explode(' ', $division->last() ?? 'set-up 0');
        $current = (int) $number;
        $y = 4.0;
        foreach ($division->rounds as $place => $round) {
            if ($division->has('times', $place)) {
                $lit = $place === $current && $piece === 'times';
                $used = $place === $current && $piece === 'product';
                $this->term($pen, $round->times, $round->power, $y, $lit, $used, $place === 0);
            }
        }
        $y += self::HEIGHT;
        $pen->line($this->left - 4, $y + 2, $right, $y + 2, Ink::TEXT, 2);
        $pen->line($this->left - 4, $y + 2, $this->left - 4, $y + self::HEIGHT + 2, Ink::TEXT, 2);
        if (\in_array($piece, ['times', 'product'], true) && $division->count > 0) {
            $this->outline($pen, 8, $y + 6, $piece === 'times' ? $this->leadingWidth($pen) : $divisor + 12);
        }
        $pen->starting(self::sum($division->divisor), 14, $y + 8 + self::HEIGHT * 0.64, self::SIZE);
        $y += 6;
        $this->row($pen, $division->dividend, $y, false, $piece === 'times' && $current === 0 ? $this->top : null);
        $this->rounds($pen, $y, $piece, $current);

        return [$right + 10, $y + self::HEIGHT * (1 + 2 * $this->rowsWritten()) + 10];
    }

    /** How many rounds have a row of their own below the dividend. */
    private function rowsWritten(): int
    {
        return \count(array_filter(
            array_keys($this->division->rounds),
            fn(int $place): bool => $this->division->has('product', $place),
        ));
    }

    private function roundsWritten(): int
    {
        return \count(array_filter(
            array_keys($this->division->rounds),
            fn(int $place): bool => $this->division->has('times', $place),
        ));
    }

    private function rounds(Pen $pen, float $y, string $piece, int $current): void
    {
        $division = $this->division;
        $dividendAt = $y;
        $standing = $y;
        foreach ($division->rounds as $place => $round) {
            $now = $place === $current ? $piece : '';
            $highest = (int) array_key_first($round->before);
            if ($now === 'times' && $place > 0 && $round->product !== []) {
                $this->outlineTerm($pen, $highest, $standing);
            }
            if ($division->has('product', $place)) {
                $turned = $division->has('turned', $place);
                $this->row(
                    $pen,
                    $turned ? $round->turned : $round->product,
                    $standing + self::HEIGHT,
                    $now === 'product' || $now === 'turned',
                    null,
                    $turned,
                );
            }
            if ($division->has('difference', $place)) {
                $this->strike($pen, $round->before[$highest], $highest, $standing);
                $this->strike($pen, $round->product[$highest], $highest, $standing + self::HEIGHT);
                $from = $this->left + ($this->top - $highest) * $this->column;
                $to = $this->left + ($this->top + 1 - (int) array_key_last($round->before)) * $this->column;
                $rule = $standing + 2 * self::HEIGHT;
                $pen->line($from, $rule, $to, $rule, Ink::TEXT, 1.5);
                $standing = $rule;
                $this->row($pen, $round->difference, $standing, $now === 'difference');
            }
            if ($division->has('down', $place) && $round->down !== null) {
                $first = $round->product !== [] && $round->difference === [];
                if ($standing > $dividendAt) {
                    if ($now === 'down') {
                        $this->arrow($pen, $round->power - 1, $dividendAt + self::HEIGHT - 4, $standing + 6);
                    }
                    $this->term($pen, $round->down, $round->power - 1, $standing, $now === 'down', false, $first);
                }
            }
        }
    }

    /** @param array<int, Expression> $terms by power */
    private function row(
        Pen $pen,
        array $terms,
        float $y,
        bool $lit,
        ?int $used = null,
        bool $turned = false,
    ): void {
        $first = true;
        foreach ($terms as $power => $term) {
            $this->term($pen, $term, $power, $y, $lit, $used === $power, $first && !$turned);
            if ($turned) {
                $sign = $this->signAt($pen, $term, $power);
                $pen->disc($sign, $y + self::HEIGHT / 2, 10, 'none', Ink::LIGHT_EDGE, 1.2);
            }
            $first = false;
        }
    }

    private function term(
        Pen $pen,
        Expression $term,
        int $power,
        float $y,
        bool $lit,
        bool $used,
        bool $first,
    ): void {
        $right = $this->left + ($this->top + 1 - $power) * $this->column - 6;
        $colour = Ink::colour($power);
        if ($lit) {
            $pen->box(
                $right - $this->column + 8,
                $y + 3,
                $this->column - 4,
                self::HEIGHT - 6,
                Ink::LIGHT,
                Ink::LIGHT_EDGE,
                1.4,
                '',
                5,
            );
        }
        if ($used) {
            $this->outline($pen, $right - $this->column + 8, $y + 3, $this->column - 4);
        }
        $negative = $term instanceof Negative;
        if ($negative || !$first) {
            $sign = $this->signAt($pen, $term, $power);
            $pen->words($negative ? '−' : '+', $sign, $y + self::HEIGHT * 0.66, self::SIZE, $colour);
        }
        $pen->ending(self::size($term), $right, $y + self::HEIGHT * 0.66, self::SIZE, $colour);
    }

    /** Where the middle of the sign before a term is. */
    private function signAt(Pen $pen, Expression $term, int $power): float
    {
        $width = $pen->measure(self::size($term), self::SIZE)->width;

        return $this->left + ($this->top + 1 - $power) * $this->column - 6 - $width - 15;
    }

    /** A term without its sign. */
    private static function size(Expression $term): Expression
    {
        return $term instanceof Negative ? $term->operand : $term;
    }

    private function outlineTerm(Pen $pen, int $power, float $y): void
    {
        $this->outline(
            $pen,
            $this->left + ($this->top - $power) * $this->column + 2,
            $y + 3,
            $this->column - 4,
        );
    }

    private function outline(Pen $pen, float $x, float $y, float $width): void
    {
        $pen->box($x, $y, $width, self::HEIGHT - 6, 'none', Ink::QUIET, 1.2, '3 3', 5);
    }

    private function strike(Pen $pen, Expression $term, int $power, float $y): void
    {
        $right = $this->left + ($this->top + 1 - $power) * $this->column - 2;
        $width = $pen->measure(self::size($term), self::SIZE)->width + 8;
        $pen->line($right - $width, $y + self::HEIGHT - 9, $right, $y + 9, Ink::QUIET, 1.4);
    }

    private function arrow(Pen $pen, int $power, float $from, float $to): void
    {
        $x = $this->left + ($this->top + 1 - $power) * $this->column - 2;
        $pen->line($x, $from, $x, $to, Ink::LIGHT_EDGE, 1.5);
        $pen->line($x - 4, $to - 6, $x, $to, Ink::LIGHT_EDGE, 1.5);
        $pen->line($x + 4, $to - 6, $x, $to, Ink::LIGHT_EDGE, 1.5);
    }

    private function leadingWidth(Pen $pen): float
    {
        $leading = self::sum(\array_slice($this->division->divisor, 0, 1, true));

        return $pen->measure($leading, self::SIZE)->width + 12;
    }

    /** The widest term of all decides the width of every column. */
    private function measure(Pen $pen): void
    {
        $rows = [$this->division->dividend];
        foreach ($this->division->rounds as $round) {
            array_push($rows, [$round->times], $round->product, $round->difference);
        }
        $widest = 40.0;
        foreach (array_merge(...$rows) as $term) {
            $widest = max($widest, $pen->measure(self::size($term), self::SIZE)->width);
        }
        $this->column = $widest + self::SIGN + 10;
    }

    /** @param array<int, Expression> $terms */
    private static function sum(array $terms): Expression
    {
        return Sum::of(array_values($terms));
    }
}
