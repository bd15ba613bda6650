<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\CrossingGridFigure;
use Runel\Message\Message;

/** The crossing on the left, the grid on its right or, where it is narrow, below. */
final readonly class CrossingGridDrawing implements Drawing
{
    private const GAP = 34;

    /** @param bool $stacked the grid under the crossing instead of beside it */
    public function __construct(private CrossingGridFigure $figure, private bool $stacked) {}

    public function label(): Message
    {
        return Message::of('figure.crossing-grid', [
            'crossing' => $this->crossing()->label(),
            'grid' => $this->grid()->label(),
        ]);
    }

    public function draw(Pen $pen): array
    {
        // Where only one of them is in sight, it is the one that is written into.
        $isGridFirst = $this->stacked && $this->figure->grid->lit !== null;
        [$first, $second] = $isGridFirst ? [$this->grid(), $this->crossing()] : [$this->crossing(), $this->grid()];
        [$width, $height] = $first->draw($pen);
        $right = $this->stacked ? 0.0 : $width + self::GAP;
        $down = $this->stacked ? $height + 14 : 0.0;
        [$across, $deep] = $pen->shifted($right, $down, static fn(): array => $second->draw($pen));

        return [max($width, $right + $across), max($height, $down + $deep)];
    }

    private function crossing(): PairHuntDrawing
    {
        return new PairHuntDrawing($this->figure->hunt, true);
    }

    private function grid(): FactorGridDrawing
    {
        return new FactorGridDrawing($this->figure->grid);
    }
}
