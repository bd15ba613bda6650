<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\AreaFigure;
use Runel\Message\Message;
use Runel\Polynomial\Term;

/** The rectangle, cut where its sides are: a letter has a length of its own, a number one that grows with it. */
final readonly class AreaDrawing implements Drawing
{
    private const LEFT = 66.0;
    private const TOP = 46.0;
    private const LETTER = 120.0;
    private const UNIT = 18.0;
    private const LEAST = 54.0;
    private const MOST = 150.0;
    private const SIZE = 20;

    public function __construct(private AreaFigure $area) {}

    public function label(): Message
    {
        return Message::of('figure.area', [
            'columns' => \count($this->area->top),
            'rows' => \count($this->area->side),
        ]);
    }

    public function draw(Pen $pen): array
    {
        $widths = array_map(self::length(...), $this->area->top);
        $heights = array_map(self::length(...), $this->area->side);
        $y = self::TOP;
        foreach ($this->area->side as $row => $left) {
            $x = self::LEFT;
            $pen->ending($left->toExpression(), $x - 12, $y + $heights[$row] / 2 + 6, self::SIZE);
            foreach ($this->area->top as $column => $above) {
                if ($row === 0) {
                    $pen->centred($above->toExpression(), $x + $widths[$column] / 2, self::TOP - 18, self::SIZE);
                }
                $pen->box(
                    $x,
                    $y,
                    $widths[$column],
                    $heights[$row],
                    ($row + $column) % 2 === 0 ? Ink::EDGE : Ink::PAPER,
                    Ink::TEXT,
                    1.5,
                );
                $pen->centred(
                    $this->area->piece($row, $column),
                    $x + $widths[$column] / 2,
                    $y + $heights[$row] / 2,
                    self::SIZE,
                );
                $x += $widths[$column];
            }
            $y += $heights[$row];
        }

        return [self::LEFT + array_sum($widths) + 24, self::TOP + array_sum($heights) + 24];
    }

    private static function length(Term $term): float
    {
        return $term->monomial->degree > 0
            ? self::LETTER
            : max(self::LEAST, min(self::MOST, self::UNIT * $term->coefficient->toFloat()));
    }
}
