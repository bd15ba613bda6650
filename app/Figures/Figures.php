<?php

declare(strict_types=1);

namespace App\Figures;

use App\Faces\Faces;
use Runel\Demonstration\Figure\ArcsFigure;
use Runel\Demonstration\Figure\AreaFigure;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\ArrowsFigure;
use Runel\Demonstration\Figure\BalanceFigure;
use Runel\Demonstration\Figure\BridgeFigure;
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
use Runel\Demonstration\Figure\RowsFigure;
use Runel\Demonstration\Figure\SidesCurveFigure;
use Runel\Demonstration\Figure\SignedBracketsFigure;
use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Demonstration\Figure\TwoSquaresFigure;
use Runel\Demonstration\Figure\WholeNumberTwinFigure;
use Runel\Style\HouseStyle;

/** Every kind of figure and its drawing; the result is an SVG document that stands alone. */
final readonly class Figures
{
    public function __construct(private Faces $faces) {}

    /** @param bool $stacked parts that stand side by side under one another instead */
    public function svg(Figure $figure, HouseStyle $style, bool $stacked = false): string
    {
        $drawing = self::drawing($figure, $stacked);
        $pen = new Pen(new Typesetter($this->faces->mathematics($style)->arranger));
        [$width, $height] = $drawing->draw($pen);

        return $pen->finish($width, $height, $this->faces->speech($style)->say($drawing->label()));
    }

    private static function drawing(Figure $figure, bool $stacked): Drawing
    {
        return match (true) {
            $figure instanceof GridFigure => new GridDrawing($figure),
            $figure instanceof RowsFigure => new RowsDrawing($figure),
            $figure instanceof ArcsFigure => new ArcsDrawing($figure),
            $figure instanceof ColumnsFigure => new ColumnsDrawing($figure),
            $figure instanceof HeapsFigure => new HeapsDrawing($figure),
            $figure instanceof WholeNumberTwinFigure => new TwinDrawing($figure),
            $figure instanceof PairHuntFigure => new PairHuntDrawing($figure, $stacked),
            $figure instanceof ArrangementHuntFigure => new ArrangementDrawing($figure, $stacked),
            $figure instanceof SquareTilesFigure => new SquareTilesDrawing($figure),
            $figure instanceof CalculatorFigure => new CalculatorDrawing($figure),
            $figure instanceof ArrowsFigure => new ArrowsDrawing($figure),
            $figure instanceof CrossingGridFigure => new CrossingGridDrawing($figure, $stacked),
            $figure instanceof CurveFigure => new CurveDrawing($figure),
            $figure instanceof RingedSquareFigure => new RingedSquareDrawing($figure),
            $figure instanceof SignedBracketsFigure => new SignedBracketsDrawing($figure),
            $figure instanceof NumberLineFigure => new NumberLineDrawing($figure),
            $figure instanceof AreaFigure => new AreaDrawing($figure),
            $figure instanceof TwoSquaresFigure => new TwoSquaresDrawing($figure),
            $figure instanceof LongDivisionFigure => new LongDivisionDrawing($figure),
            $figure instanceof DivisionGridFigure => new DivisionGridDrawing($figure),
            $figure instanceof BridgeFigure => new BridgeDrawing($figure, $stacked),
            $figure instanceof RootHuntFigure => new RootHuntDrawing($figure),
            $figure instanceof BalanceFigure => new BalanceDrawing($figure),
            $figure instanceof MachineFigure => new MachineDrawing($figure),
            $figure instanceof SidesCurveFigure => new SidesCurveDrawing($figure),
            $figure instanceof TableauFigure => new TableauDrawing($figure),
            $figure instanceof FactorGridFigure => new FactorGridDrawing($figure),
        };
    }
}
