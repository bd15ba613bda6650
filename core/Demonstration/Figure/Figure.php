<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Law\Claim\Claim;

/**
 * A picture as data: what stands where and what is lit, nothing about its drawing. It has a ground that stays while
 * it grows, and parts that are written one after another, each with what it claims. Whoever tells figures apart names
 * every one of them: there are these, and analysis knows it.
 *
 * @phpstan-sealed ArcsFigure
 *     |AreaFigure
 *     |ArrangementHuntFigure
 *     |ArrowsFigure
 *     |BalanceFigure
 *     |BridgeFigure
 *     |CalculatorFigure
 *     |ColumnsFigure
 *     |CrossingGridFigure
 *     |CurveFigure
 *     |DivisionGridFigure
 *     |FactorGridFigure
 *     |GridFigure
 *     |HeapsFigure
 *     |LongDivisionFigure
 *     |MachineFigure
 *     |NumberLineFigure
 *     |PairHuntFigure
 *     |RingedSquareFigure
 *     |RootHuntFigure
 *     |RowsFigure
 *     |SidesCurveFigure
 *     |SignedBracketsFigure
 *     |SquareTilesFigure
 *     |TableauFigure
 *     |TwoSquaresFigure
 *     |WholeNumberTwinFigure
 */
interface Figure
{
    /** The kind of figure, as the contract names it. */
    public function type(): string;

    /**
     * The figure's contents for machines; expressions stay expressions.
     *
     * @return array<string, mixed>
     */
    public function data(): array;

    /**
     * What does not change while the figure grows. Where this is identical, equally named parts are the same.
     *
     * @return list<mixed>
     */
    public function ground(): array;

    /** @return array<string, true> the names of the parts that are written */
    public function written(): array;

    /** @return list<Claim> what a part claims; none only for a part without mathematics */
    public function claims(string $part): array;
}
