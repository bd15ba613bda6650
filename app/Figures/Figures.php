<?php

declare(strict_types=1);

namespace App\Figures;

use App\Faces\Faces;
use Runel\Demonstration\Figure\Arcs;
use Runel\Demonstration\Figure\ArrangementHunt;
use Runel\Demonstration\Figure\Balance;
use Runel\Demonstration\Figure\Bridge;
use Runel\Demonstration\Figure\Calculator;
use Runel\Demonstration\Figure\Columns;
use Runel\Demonstration\Figure\Curve;
use Runel\Demonstration\Figure\DivisionGrid;
use Runel\Demonstration\Figure\FactorGrid;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\Grid;
use Runel\Demonstration\Figure\Heaps;
use Runel\Demonstration\Figure\LongDivision;
use Runel\Demonstration\Figure\Machine;
use Runel\Demonstration\Figure\PairHunt;
use Runel\Demonstration\Figure\RootHunt;
use Runel\Demonstration\Figure\Rows;
use Runel\Demonstration\Figure\SidesCurve;
use Runel\Demonstration\Figure\SquareTiles;
use Runel\Demonstration\Figure\Tableau;
use Runel\Demonstration\Figure\TwoSquares;
use Runel\Demonstration\Figure\WholeNumberTwin;
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
            $figure instanceof Grid => new GridDrawing($figure),
            $figure instanceof Rows => new RowsDrawing($figure),
            $figure instanceof Arcs => new ArcsDrawing($figure),
            $figure instanceof Columns => new ColumnsDrawing($figure),
            $figure instanceof Heaps => new HeapsDrawing($figure),
            $figure instanceof WholeNumberTwin => new TwinDrawing($figure),
            $figure instanceof PairHunt => new PairHuntDrawing($figure, $stacked),
            $figure instanceof ArrangementHunt => new ArrangementDrawing($figure, $stacked),
            $figure instanceof SquareTiles => new SquareTilesDrawing($figure),
            $figure instanceof Calculator => new CalculatorDrawing($figure),
            $figure instanceof Curve => new CurveDrawing($figure),
            $figure instanceof TwoSquares => new TwoSquaresDrawing($figure),
            $figure instanceof LongDivision => new LongDivisionDrawing($figure),
            $figure instanceof DivisionGrid => new DivisionGridDrawing($figure),
            $figure instanceof Bridge => new BridgeDrawing($figure, $stacked),
            $figure instanceof RootHunt => new RootHuntDrawing($figure),
            $figure instanceof Balance => new BalanceDrawing($figure),
            $figure instanceof Machine => new MachineDrawing($figure),
            $figure instanceof SidesCurve => new SidesCurveDrawing($figure),
            $figure instanceof Tableau => new TableauDrawing($figure),
            $figure instanceof FactorGrid => new FactorGridDrawing($figure),
            default => throw new \LogicException('No drawing for ' . $figure::class),
        };
    }
}
