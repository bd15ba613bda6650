<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\GridFigure;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Notation\Arranger;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;

/** What a demonstration takes on squared paper: its widest line or grid, its lines and the rows of its grids. */
final readonly class Extent
{
    private function __construct(public int $wide, public int $high) {}

    public static function of(Demonstration $demonstration): self
    {
        $arranger = new Arranger($demonstration->task->style->get(TimesSign::class));
        $signs = static fn(Node $node): int => mb_strlen(
            (new PlainText())->write($arranger->arrange(Rewriter::unmarked($node))),
        );
        $wide = 0;
        $high = $demonstration->forecast->lines;
        $grids = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                $wide = max($wide, $signs($line->node));
            }
            foreach ([$step->figure] as $figure) {
                if ($figure instanceof GridFigure) {
                    $grids[serialize($figure->ground())] = $figure;
                }
            }
        }
        foreach ($grids as $grid) {
            // A square of air stands beside what is in a cell; the edge is a column and a row of its own.
            $across = max(0, ...array_map($signs, $grid->side)) + 1;
            foreach ($grid->top as $column => $edge) {
                $across += 1 + max($signs($edge), ...array_map($signs, array_column($grid->cells, $column)));
            }
            $wide = max($wide, $across);
            $high += \count($grid->side) + 1;
        }

        return new self($wide, $high);
    }
}
