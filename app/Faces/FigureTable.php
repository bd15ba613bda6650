<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Figure\Arcs;
use Runel\Demonstration\Figure\ArrangementHunt;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\Columns;
use Runel\Demonstration\Figure\FactorGrid;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\Grid;
use Runel\Demonstration\Figure\PairHunt;
use Runel\Demonstration\Figure\Rows;
use Runel\Demonstration\Figure\WholeNumberTwin;
use Runel\Demonstration\Section;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** A figure as a table of mathematics, for paper and terminals where it cannot be drawn. */
final readonly class FigureTable
{
    public const RIGHT = '✓';
    public const WRONG = '✗';
    public const TIMES = '×';

    /**
     * @param list<list<Node|string>> $rows     as long as one another; a string is a sign, a number of things passed
     *                                          over, or nothing
     * @param list<int>               $ruled    after which rows a rule is drawn, from 0
     * @param bool                    $sideRule whether one is drawn behind the first column
     */
    private function __construct(public array $rows, public array $ruled, public bool $sideRule) {}

    /** The figure of a section as it stands at its end; null where it has none that is a table. */
    public static function closing(Section $section): ?self
    {
        foreach (array_reverse($section->steps) as $step) {
            if ($step->figure !== null) {
                return self::of($step->figure);
            }
        }

        return null;
    }

    public static function of(Figure $figure): ?self
    {
        return match (true) {
            $figure instanceof Grid => self::grid($figure),
            $figure instanceof FactorGrid => self::factorGrid($figure),
            $figure instanceof Rows => self::rows($figure),
            $figure instanceof Columns => self::columns($figure),
            $figure instanceof Arcs => self::arcs($figure),
            $figure instanceof PairHunt => self::pairs($figure),
            $figure instanceof ArrangementHunt => self::arrangements($figure),
            $figure instanceof WholeNumberTwin => self::twin($figure),
            default => null,
        };
    }

    private static function grid(Grid $grid): self
    {
        $rows = [[self::TIMES, ...($grid->state->edges ? $grid->top : array_fill(0, \count($grid->top), ''))]];
        foreach ($grid->cells as $row => $cells) {
            $line = [$grid->state->edges ? $grid->side[$row] : ''];
            foreach ($cells as $column => $cell) {
                $line[] = $grid->isFilled($row, $column) ? $cell : '';
            }
            $rows[] = $line;
        }

        return self::even($rows, [0], true);
    }

    private static function factorGrid(FactorGrid $grid): self
    {
        $rows = [[self::TIMES, ...array_map(static fn(?Node $edge): Node|string => $edge ?? '', $grid->top)]];
        foreach ($grid->cells as $row => $cells) {
            $rows[] = [
                $grid->side[$row] ?? '',
                ...array_map(static fn(?Node $cell): Node|string => $cell ?? '', $cells),
            ];
        }

        return self::even($rows, [0], true);
    }

    private static function rows(Rows $figure): self
    {
        $rows = [];
        foreach ($figure->entries as $row => $entries) {
            $line = [$figure->multipliers[$row]];
            foreach ($figure->inks as $ink) {
                $line[] = isset($figure->filled["$row,$ink"]) ? $entries[$ink] : '';
            }
            $rows[] = $line;
        }
        $ruled = [];
        if ($figure->totals !== []) {
            $ruled = [\count($rows) - 1];
            $sums = [];
            foreach ($figure->totals as $total) {
                $sums[$total->ink] = $total->sum;
            }
            $rows[] = ['', ...array_map(static fn(int $ink): Node|string => $sums[$ink] ?? '', $figure->inks)];
        }

        return self::even($rows, $ruled, true);
    }

    private static function columns(Columns $figure): self
    {
        $data = $figure->data();
        $rows = [];
        $powers = \is_array($data['powers']) ? \count($data['powers']) : 0;
        foreach (['upper', 'lower'] as $name) {
            $rows[] = self::nodes($data[$name]);
        }
        $rows[1][0] ??= '';
        $ruled = [1];
        foreach (\is_array($data['rows']) ? array_values($data['rows']) : [] as $place => $row) {
            // Each row stands one place further to the left than the one before.
            $rows[] = [...self::nodes($row), ...array_fill(0, $place, '')];
        }
        if ($data['sums'] !== []) {
            $ruled[] = \count($rows) - 1;
            $rows[] = self::nodes($data['sums'], array_fill(0, $powers, ''));
        }

        return self::right($rows, $ruled);
    }

    private static function arcs(Arcs $figure): self
    {
        $totals = array_fill(0, \count($figure->left) + \count($figure->right) - 1, '');
        foreach ($figure->totals as $total) {
            $totals[\count($totals) - 1 - $total->ink] = $total->sum;
        }

        return self::right([$figure->left, $figure->right, array_values($totals)], [1]);
    }

    private static function pairs(PairHunt $hunt): self
    {
        $rows = [];
        foreach ($hunt->rows as $row) {
            $rows[$row->number] = [
                Numeral::of($row->left),
                Numeral::of($row->right),
                Numeral::of($row->sum()),
                $row->fits ? self::RIGHT : self::WRONG,
            ];
        }

        return self::hunted(['p', 'q', 'p + q', self::asked($hunt->sum)], $rows, $hunt->passed);
    }

    private static function arrangements(ArrangementHunt $hunt): self
    {
        $rows = [];
        foreach ($hunt->rows as $row) {
            $rows[$row->number] = [
                Product::apart([Numeral::of($row->m), Numeral::of($row->n)]),
                Product::apart([Numeral::of($row->r), Numeral::of($row->s)]),
                self::made($hunt, $row),
                $row->verdict->ends() ? self::RIGHT : self::WRONG,
            ];
        }
        $head = [Numeral::of($hunt->first), Numeral::of($hunt->last), '', self::asked($hunt->target)];

        return self::hunted($head, $rows, $hunt->passed);
    }

    /**
     * @param list<Node|string>             $head
     * @param array<int, list<Node|string>> $shown  by their numbers in the hunt
     * @param int                           $passed how many are not shown
     */
    private static function hunted(array $head, array $shown, int $passed): self
    {
        $rows = [$head];
        $before = 0;
        foreach ($shown as $number => $row) {
            $between = $number - $before - 1;
            if ($between > 0) {
                $rows[] = ['⋯', '⋯', '⋯', (string) $between];
                $passed -= $between;
            }
            $rows[] = $row;
            $before = $number;
        }
        if ($passed > 0) {
            $rows[] = ['⋯', '⋯', '⋯', (string) $passed];
        }

        return self::even($rows, [0], false);
    }

    private static function asked(int $number): string
    {
        return '= ' . str_replace('-', '−', (string) $number) . ' ?';
    }

    private static function made(ArrangementHunt $hunt, ArrangementRow $row): Node
    {
        $byDifference = $hunt->mode === 'difference'
            || ($hunt->mode === 'either' && $row->verdict->ends() && $row->total !== $hunt->target);
        $numbers = $byDifference
            ? [max($row->outer(), $row->inner()), -min($row->outer(), $row->inner())]
            : [$row->outer(), $row->inner()];

        return Sum::of(array_map(Numeral::of(...), $numbers));
    }

    private static function twin(WholeNumberTwin $twin): self
    {
        $numbers = static fn(array $row): array => array_map(
            static fn(mixed $number): Node|string => \is_int($number) ? Numeral::of($number) : '',
            array_values($row),
        );

        return self::right([$numbers($twin->sums), $numbers($twin->digits)], [0]);
    }

    /**
     * @param list<Node|string> $else
     *
     * @return list<Node|string>
     */
    private static function nodes(mixed $row, array $else = []): array
    {
        $nodes = $else;
        foreach (\is_array($row) ? array_values($row) : [] as $place => $cell) {
            $nodes[$place] = $cell instanceof Node ? $cell : '';
        }

        return array_values($nodes);
    }

    /**
     * Rows made as long as the longest, the last places under one another.
     *
     * @param list<list<Node|string>> $rows
     * @param list<int>               $ruled
     */
    private static function right(array $rows, array $ruled): self
    {
        $longest = max([0, ...array_map(\count(...), $rows)]);

        return new self(array_map(
            static fn(array $row): array => [...array_fill(0, $longest - \count($row), ''), ...$row],
            $rows,
        ), $ruled, false);
    }

    /**
     * Rows made as long as the longest, the first places under one another.
     *
     * @param list<list<Node|string>> $rows
     * @param list<int>               $ruled
     */
    private static function even(array $rows, array $ruled, bool $sideRule): self
    {
        $longest = max([0, ...array_map(\count(...), $rows)]);

        return new self(array_map(
            static fn(array $row): array => [...$row, ...array_fill(0, $longest - \count($row), '')],
            $rows,
        ), $ruled, $sideRule);
    }
}
