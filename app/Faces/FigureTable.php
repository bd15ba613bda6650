<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Figure\ArcsFigure;
use Runel\Demonstration\Figure\AreaFigure;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\ArrowsFigure;
use Runel\Demonstration\Figure\BalanceFigure;
use Runel\Demonstration\Figure\BridgeFigure;
use Runel\Demonstration\Figure\BridgeStage;
use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Demonstration\Figure\ColumnsFigure;
use Runel\Demonstration\Figure\CrossingGridFigure;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Figure\DivisionGridFigure;
use Runel\Demonstration\Figure\FactorGridFigure;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\GridFigure;
use Runel\Demonstration\Figure\HeapsFigure;
use Runel\Demonstration\Figure\LongDivisionFigure;
use Runel\Demonstration\Figure\MachineFigure;
use Runel\Demonstration\Figure\NumberLineFigure;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\RingedSquareFigure;
use Runel\Demonstration\Figure\RootHuntFigure;
use Runel\Demonstration\Figure\RootTrial;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Demonstration\Figure\RowsFigure;
use Runel\Demonstration\Figure\SidesCurveFigure;
use Runel\Demonstration\Figure\SignedBracketsFigure;
use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Demonstration\Figure\TwoSquaresFigure;
use Runel\Demonstration\Figure\WholeNumberTwinFigure;
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
            $figure instanceof GridFigure => self::grid($figure),
            $figure instanceof FactorGridFigure => self::factorGrid($figure),
            $figure instanceof RowsFigure => self::rows($figure),
            $figure instanceof ColumnsFigure => self::columns($figure),
            $figure instanceof ArcsFigure => self::arcs($figure),
            $figure instanceof PairHuntFigure => self::pairs($figure),
            // The pairs while they are hunted, the grid once it has edges.
            $figure instanceof CrossingGridFigure => array_filter($figure->grid->side) === []
                ? self::pairs($figure->hunt)
                : self::factorGrid($figure->grid),
            $figure instanceof ArrangementHuntFigure => self::arrangements($figure),
            $figure instanceof WholeNumberTwinFigure => self::twin($figure),
            $figure instanceof RootHuntFigure => self::roots($figure),
            $figure instanceof LongDivisionFigure => self::longDivision($figure),
            $figure instanceof TableauFigure => self::tableau($figure),
            $figure instanceof DivisionGridFigure => self::divisionGrid($figure),
            $figure instanceof BridgeFigure => self::of(match (true) {
                $figure->stage->hasReached(BridgeStage::Turned) => $figure->adding,
                $figure->stage->hasReached(BridgeStage::Pressed) => $figure->subtracting,
                default => $figure->division,
            }),
            // What is drawn only: its numbers stand in the lines beside it.
            $figure instanceof ArrowsFigure,
            $figure instanceof BalanceFigure,
            $figure instanceof CalculatorFigure,
            $figure instanceof CurveFigure,
            $figure instanceof HeapsFigure,
            $figure instanceof MachineFigure,
            $figure instanceof NumberLineFigure,
            $figure instanceof SignedBracketsFigure,
            $figure instanceof RingedSquareFigure,
            $figure instanceof SidesCurveFigure,
            $figure instanceof SquareTilesFigure,
            $figure instanceof TwoSquaresFigure,
            $figure instanceof AreaFigure => null,
        };
    }

    private static function grid(GridFigure $grid): self
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

    private static function factorGrid(FactorGridFigure $grid): self
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

    /** The candidates that were tried, what each left over, and the one that fits. */
    private static function roots(RootHuntFigure $hunt): ?self
    {
        $tried = array_values(array_filter(
            $hunt->trials,
            static fn(RootTrial $trial): bool => $trial->remainder !== null || $trial->verdict === RootVerdict::Fits,
        ));

        return $tried === [] ? null : self::even(array_map(static fn(RootTrial $trial): array => [
            $trial->value,
            $trial->remainder ?? '',
            $trial->verdict === RootVerdict::Fits ? self::RIGHT : self::WRONG,
        ], $tried), [], true);
    }

    /** The divisor at the left, the quotient above, then product and what is left, round by round. */
    private static function longDivision(LongDivisionFigure $figure): self
    {
        $top = (int) array_key_first($figure->dividend);
        $quotient = [];
        $rows = [];
        $ruled = [0];
        foreach ($figure->rounds as $place => $round) {
            if ($figure->has('times', $place)) {
                $quotient[$round->power] = $round->times;
            }
            if ($figure->has('product', $place)) {
                $terms = $figure->has('turned', $place) ? $round->turned : $round->product;
                $rows[] = [$figure->turns ? '' : '−', ...self::placed($terms, $top)];
            }
            if ($figure->has('difference', $place)) {
                $ruled[] = \count($rows) + 1;
                $left = $round->difference;
                if ($figure->has('down', $place) && $round->down !== null) {
                    $left[$round->power - 1] = $round->down;
                }
                $rows[] = ['', ...self::placed($left, $top)];
            }
        }

        return self::even([
            ['', ...self::placed($quotient, $top)],
            [Sum::of(array_values($figure->divisor)), ...self::placed($figure->dividend, $top)],
            ...$rows,
        ], $ruled, true);
    }

    /**
     * @param array<int, Node> $terms by power
     *
     * @return list<Node|string> one place a power, from the highest down
     */
    private static function placed(array $terms, int $top): array
    {
        return array_map(static fn(int $power): Node|string => $terms[$power] ?? '', range($top, 0));
    }

    private static function tableau(TableauFigure $figure): self
    {
        $places = array_keys($figure->top);
        $rows = [
            [$figure->corner, ...$figure->top],
            [$figure->subtracts ? '−' : '+', ...array_map(
                static fn(int $place): Node|string => $figure->hasProduct($place) ? $figure->products[$place - 1] : '',
                $places,
            )],
            ['', ...array_map(
                static fn(int $place): Node|string => $figure->hasSum($place) ? $figure->sums[$place] : '',
                $places,
            )],
        ];
        if ($figure->hasScaled()) {
            $rows[] = ['÷', ...$figure->scaled];
        }

        return self::even($rows, [1], true);
    }

    private static function divisionGrid(DivisionGridFigure $grid): self
    {
        $rows = [[self::TIMES, ...array_map(
            static fn(int $column): Node|string => $grid->has("top $column") ? $grid->top[$column] : '',
            array_keys($grid->top),
        )]];
        foreach ($grid->cells as $row => $cells) {
            $line = [$grid->side[$row]];
            foreach ($cells as $column => $cell) {
                $line[] = $grid->hasCell($row, $column) ? $cell : '';
            }
            $rows[] = $line;
        }

        return self::even($rows, [0], true);
    }

    private static function rows(RowsFigure $figure): self
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

    private static function columns(ColumnsFigure $figure): self
    {
        ['upper' => $upper, 'lower' => $lower, 'rows' => $products, 'sums' => $sums] = $figure->data();
        $rows = array_map(self::nodes(...), [$upper, $lower, ...$products]);
        $ruled = [1];
        if ($sums !== []) {
            $ruled[] = \count($rows) - 1;
            $rows[] = self::nodes($sums);
        }

        return self::right($rows, $ruled, \count($figure->powers));
    }

    private static function arcs(ArcsFigure $figure): self
    {
        $totals = array_fill(0, \count($figure->left) + \count($figure->right) - 1, '');
        foreach ($figure->totals as $total) {
            $totals[\count($totals) - 1 - $total->ink] = $total->sum;
        }

        return self::right([$figure->left, $figure->right, array_values($totals)], [1]);
    }

    private static function pairs(PairHuntFigure $hunt): self
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

    private static function arrangements(ArrangementHuntFigure $hunt): self
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

    private static function made(ArrangementHuntFigure $hunt, ArrangementRow $row): Node
    {
        $byDifference = $hunt->mode === 'difference'
            || ($hunt->mode === 'either' && $row->verdict->ends() && $row->total !== $hunt->target);
        $numbers = $byDifference
            ? [max($row->outer(), $row->inner()), -min($row->outer(), $row->inner())]
            : [$row->outer(), $row->inner()];

        return Sum::of(array_map(Numeral::of(...), $numbers));
    }

    private static function twin(WholeNumberTwinFigure $twin): self
    {
        $numbers = static fn(array $row): array => array_map(
            static fn(mixed $number): Node|string => \is_int($number) ? Numeral::of($number) : '',
            array_values($row),
        );

        ['sums' => $sums, 'digits' => $digits] = $twin->data();

        return self::right([$numbers((array) $sums), $numbers((array) $digits)], [0]);
    }

    /**
     * @param list<Node|null> $row
     *
     * @return list<Node|string>
     */
    private static function nodes(array $row): array
    {
        return array_map(static fn(?Node $cell): Node|string => $cell ?? '', $row);
    }

    /**
     * Rows made as long as the longest, the last places under one another.
     *
     * @param list<list<Node|string>> $rows
     * @param list<int>               $ruled
     * @param int                     $wide  at least so many places
     */
    private static function right(array $rows, array $ruled, int $wide = 0): self
    {
        $longest = max([$wide, ...array_map(\count(...), $rows)]);

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
