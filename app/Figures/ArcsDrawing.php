<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\ArcsFigure;
use Runel\Message\Message;

/** Two brackets in a line, nested arcs below them joining the pairs of one degree, the answer's places underneath. */
final readonly class ArcsDrawing implements Drawing
{
    private const TOP = 44;

    public function __construct(private ArcsFigure $arcs) {}

    public function label(): Message
    {
        return $this->arcs->degree === null
            ? Message::of('figure.arcs', ['places' => $this->arcs->top() + 1])
            : Message::of('figure.arcs-degree', ['degree' => $this->arcs->degree, 'count' => \count(
                $this->arcs->joined($this->arcs->degree),
            )]);
    }

    public function draw(Pen $pen): array
    {
        $joined = $this->arcs->degree === null ? [] : $this->arcs->joined($this->arcs->degree);
        $usedLeft = array_column($joined, 0);
        $usedRight = array_column($joined, 1);
        [$leftCentres, $x] = BracketTerms::factor($pen, $this->arcs->left, 10, self::TOP + 8, $usedLeft);
        [$rightCentres, $x] = BracketTerms::factor($pen, $this->arcs->right, $x + 14, self::TOP + 8, $usedRight);
        $depth = 34 + 17 * min(\count($this->arcs->left), \count($this->arcs->right));
        $colour = Ink::colour($this->arcs->degree ?? 0);
        foreach ($joined as $place => [$left, $right]) {
            $sink = self::TOP + 26 + ($depth - 30) * (\count($joined) - $place) / \count($joined) * 1.25;
            $pen->path(\sprintf(
                'M%.1f %d C%.1f %.1f %.1f %.1f %.1f %d',
                $leftCentres[$left],
                self::TOP + 20,
                $leftCentres[$left] + 4,
                $sink + 18,
                $rightCentres[$right] - 4,
                $sink + 18,
                $rightCentres[$right],
                self::TOP + 20,
            ), $colour, 2.4, Ink::dashes(
                $this->arcs->degree ?? 0,
            ) === 'double' ? '' : Ink::dashes($this->arcs->degree ?? 0));
            $pen->disc($leftCentres[$left], self::TOP + 20, 3.5, $colour, $colour);
            $pen->disc($rightCentres[$right], self::TOP + 20, 3.5, $colour, $colour);
        }
        $sums = [];
        foreach ($this->arcs->totals as $total) {
            $sums[$total->ink] = $total->sum;
        }

        return (new AnswerPlaces(
            range($this->arcs->top(), 0),
            $sums,
            $this->arcs->degree,
        ))->draw($pen, $x + 10, self::TOP + 40 + $depth);
    }
}
