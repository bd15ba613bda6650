<?php

declare(strict_types=1);

namespace App\Figures;

use App\Faces\Faces;
use Runel\Demonstration\Figure\Arcs;
use Runel\Demonstration\Figure\ArrangementHunt;
use Runel\Demonstration\Figure\Columns;
use Runel\Demonstration\Figure\FactorGrid;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\Grid;
use Runel\Demonstration\Figure\Heaps;
use Runel\Demonstration\Figure\PairHunt;
use Runel\Demonstration\Figure\Rows;
use Runel\Demonstration\Figure\WholeNumberTwin;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/** Every kind of figure and its drawing; the result is an SVG document that stands alone. */
final readonly class Figures
{
    public function __construct(private Faces $faces) {}

    public function svg(Figure $figure, HouseStyle $style): string
    {
        $pen = new Pen(new Typesetter($this->faces->mathematics($style)->arranger));
        $drawing = match (true) {
            $figure instanceof Grid => new GridDrawing($figure),
            $figure instanceof Rows => new RowsDrawing($figure),
            $figure instanceof Arcs => new ArcsDrawing($figure),
            $figure instanceof Columns => new ColumnsDrawing($figure),
            $figure instanceof Heaps => new HeapsDrawing($figure),
            $figure instanceof WholeNumberTwin => new TwinDrawing($figure),
            $figure instanceof PairHunt => new PairHuntDrawing($figure),
            $figure instanceof ArrangementHunt => new ArrangementDrawing($figure),
            $figure instanceof FactorGrid => new FactorGridDrawing($figure),
            default => throw new \LogicException('No drawing for ' . $figure::class),
        };
        [$width, $height] = $drawing->draw($pen);

        return $pen->finish($width, $height, $this->faces->speech($style)->say($this->label($figure)));
    }

    private function label(Figure $figure): Message
    {
        return match (true) {
            $figure instanceof Grid => Message::of('figure.grid', ['columns' => \count($figure->top), 'rows' => \count($figure->side), 'filled' => \count($figure->state->filled)]),
            $figure instanceof Rows => Message::of('figure.rows', ['rows' => \count($figure->multipliers), 'filled' => \count($figure->filled)]),
            $figure instanceof Arcs => $figure->degree === null
                ? Message::of('figure.arcs', ['places' => $figure->top() + 1])
                : Message::of('figure.arcs-degree', ['degree' => $figure->degree, 'count' => \count($figure->joined($figure->degree))]),
            $figure instanceof Columns => Message::of('figure.columns', ['rows' => $figure->rowsWritten, 'sums' => $figure->sumsWritten]),
            $figure instanceof Heaps => Message::of('figure.heaps', ['plus' => array_sum($figure->plus), 'minus' => array_sum($figure->minus), 'total' => $figure->total]),
            $figure instanceof WholeNumberTwin => Message::of('figure.twin', ['left' => $figure->left, 'right' => $figure->right, 'product' => $figure->product]),
            $figure instanceof PairHunt => Message::of('figure.pair-hunt', ['product' => $figure->product, 'sum' => $figure->sum, 'count' => \count($figure->rows)]),
            $figure instanceof ArrangementHunt => Message::of('figure.arrangements', ['count' => \count($figure->rows)]),
            default => Message::of('figure.' . $figure->type()),
        };
    }
}
