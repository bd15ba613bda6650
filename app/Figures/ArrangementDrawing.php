<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\TrialVerdict;
use Runel\Message\Message;

/**
 * The arrangement being tried, large and multiplied crosswise, and the list of all that were tried with what they made.
 */
final readonly class ArrangementDrawing implements Drawing
{
    private const HEIGHT = 36;

    /** How far down the list begins when it stands under the crossing. */
    private const UNDER = 226.0;

    public function __construct(private ArrangementHuntFigure $hunt, private bool $stacked = false) {}

    public function label(): Message
    {
        return Message::of('figure.arrangements', ['count' => \count($this->hunt->rows)]);
    }

    public function draw(Pen $pen): array
    {
        $current = $this->hunt->rows[\count($this->hunt->rows) - 1] ?? null;
        $left = $this->hunt->kind === 'cross' ? $this->crosswise($pen, $current) : 8.0;

        return $this->stacked && $this->hunt->kind === 'cross'
            ? $this->list($pen, 8.0, self::UNDER)
            : $this->list($pen, $left, 0.0);
    }

    /**
     * The two columns with their crossing lines and products.
     *
     * @return float where the list begins
     */
    private function crosswise(Pen $pen, ?ArrangementRow $row): float
    {
        $lit = $row?->verdict->ends() === true;
        foreach ([
            [44, 60, $row?->m],
            [44, 150, $row?->n],
            [164, 60, $row?->r],
            [164, 150, $row?->s],
        ] as [$x, $y, $number]) {
            $pen->box(
                $x - 34,
                $y - 26,
                68,
                48,
                $lit ? Ink::LIGHT : Ink::PAPER,
                $lit ? Ink::LIGHT_EDGE : Ink::RULE,
                1.6,
                $number === null ? '5 4' : '',
                6,
            );
            if ($number !== null) {
                $pen->words((string) $number, $x, $y + 7, 26, Ink::TEXT);
            }
        }
        $pen->line(80, 66, 128, 142, Ink::TEXT, 2.4);
        $pen->line(80, 144, 128, 68, Ink::TEXT, 2.4, '7 4');
        $pen->words((string) $this->hunt->first, 44, 206, 18);
        $pen->words((string) $this->hunt->last, 164, 206, 18);
        if ($row !== null) {
            $pen->line(202, 150, 226, 150, Ink::TEXT, 2.4);
            $pen->line(202, 60, 226, 60, Ink::TEXT, 2.4, '7 4');
            $pen->words((string) $row->outer(), 234, 158, 24, Ink::TEXT, 'start');
            $pen->words((string) $row->inner(), 234, 68, 24, Ink::TEXT, 'start');
        }

        return 260.0 + ($row === null ? 0 : 13.0 * max(
            \strlen((string) $row->outer()),
            \strlen((string) $row->inner()),
        ));
    }

    /** @return array{float, float} */
    private function list(Pen $pen, float $left, float $top): array
    {
        $y = $top + 38.0;
        $trailing = Trials::trailing($this->hunt->rows, $this->hunt->passed);
        $last = $trailing > 0 ? -1 : \count($this->hunt->rows) - 1;
        $second = $left + max(150.0, 20 + 11.0 * max([0, ...array_map(fn(ArrangementRow $row): int => mb_strlen(
            $this->arrangement($row),
        ), $this->hunt->rows)]));
        $third = $second + max(150.0, 20 + 11.0 * max(
            [0, ...array_map(fn(ArrangementRow $row): int => mb_strlen($this->made($row)), $this->hunt->rows)],
        ));
        $this->head($pen, $left, $top, $second, $third + 36);
        foreach ($this->hunt->rows as $place => $row) {
            $before = $this->hunt->rows[$place - 1] ?? null;
            if ($before !== null && $row->number > $before->number + 1) {
                $pen->words(
                    '⋯ ' . ($row->number - $before->number - 1) . ' ⋯',
                    $left + 40,
                    $y + 24,
                    18,
                    Ink::QUIET,
                    'start',
                );
                $y += self::HEIGHT;
            }
            $fits = $row->verdict->ends();
            if ($fits || $place === $last) {
                $pen->box(
                    $left,
                    $y + 2,
                    $third - $left + 36,
                    self::HEIGHT - 4,
                    Ink::LIGHT,
                    Ink::LIGHT_EDGE,
                    $fits ? 2.2 : 1.2,
                    '',
                    6,
                );
            }
            $colour = $fits || $place === $last ? Ink::TEXT : Ink::QUIET;
            $pen->words($this->arrangement($row), $left + 10, $y + 25, 20, $colour, 'start');
            $pen->words($this->made($row), $second, $y + 25, 20, $colour, 'start');
            $pen->words(
                $fits ? ($row->verdict === TrialVerdict::Repaired ? '↻' : '✓') : '✗',
                $third + 16,
                $y + 26,
                22,
                $fits ? '#1d6b3a' : '#a3123a',
            );
            $y += self::HEIGHT;
        }
        if ($trailing > 0) {
            $pen->words("⋯ $trailing ⋯", $left + 40, $y + 24, 18, Ink::TEXT, 'start');
            $y += self::HEIGHT;
        }

        return [$third + 44, max($y + 8, $this->hunt->kind === 'cross' ? 220.0 : 60.0)];
    }

    /** What the columns hold: the two numbers that are split, and what is to be made of the products. */
    private function head(Pen $pen, float $left, float $top, float $second, float $right): void
    {
        if ($this->hunt->kind === 'cross') {
            $pen->words("{$this->hunt->first}  |  {$this->hunt->last}", $left + 10, $top + 24, 19, Ink::TEXT, 'start');
        }
        $target = ($this->hunt->target < 0 ? '−' : '') . abs($this->hunt->target);
        $pen->words("= $target ?", $second, $top + 24, 19, Ink::TEXT, 'start');
        $pen->line($left, $top + 34, $right, $top + 34, Ink::TEXT, 1.6);
    }

    private function arrangement(ArrangementRow $row): string
    {
        if ($this->hunt->kind === 'cross') {
            return "{$row->m} · {$row->n}  |  {$row->r} · {$row->s}";
        }
        $name = $this->hunt->letter;
        $tail = $this->hunt->second ?? '';
        $isPlain = $this->hunt->isPlain();
        $bracket = static fn(int $m, int $r): string => '('
            . ($m === 1 ? '' : $m)
            . $name
            . ($isPlain ? ' □ ' : ($r < 0 ? ' − ' : ' + '))
            . (abs($r) === 1 && $tail !== '' ? '' : abs($r))
            . $tail
            . ')';

        return $bracket($row->m, $row->r) . $bracket($row->n, $row->s);
    }

    private function made(ArrangementRow $row): string
    {
        $minus = static fn(int $number): string => ($number < 0 ? '−' : '') . abs($number);
        [$large, $small] = [max($row->outer(), $row->inner()), min($row->outer(), $row->inner())];
        $difference = "$large − $small = " . ($large - $small);
        if ($this->hunt->mode === 'difference') {
            return $difference;
        }
        if ($this->hunt->mode === 'either') {
            $sum = "{$row->outer()} + {$row->inner()} = {$row->total}";

            return match (true) {
                !$row->verdict->ends() => "$sum,  $difference",
                $row->total === $this->hunt->target => $sum,
                default => $difference,
            };
        }

        return $minus($row->outer())
            . ($row->inner() < 0 ? ' − ' : ' + ')
            . abs($row->inner())
            . ' = '
            . $minus($row->total);
    }
}
