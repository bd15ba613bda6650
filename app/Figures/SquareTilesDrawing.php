<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Message\Message;

/** The square and its two strips; the corner dashed while it is missing, lit once it is filled. */
final readonly class SquareTilesDrawing implements Drawing
{
    private const SQUARE = 190;
    private const STRIP = 70;
    private const LEFT = 64;
    private const TOP = 46;
    private const SIZE = 20;

    public function __construct(private SquareTilesFigure $tiles) {}

    public function label(): Message
    {
        return Message::of($this->tiles->filled ? 'figure.square-tiles-filled' : 'figure.square-tiles', [
            'letter' => $this->tiles->letter,
            'half' => $this->tiles->half,
            'corner' => $this->tiles->corner,
        ]);
    }

    public function draw(Pen $pen): array
    {
        return $this->tiles->negative ? $this->overlapping($pen) : $this->beside($pen);
    }

    /** @return array{float, float} */
    private function beside(Pen $pen): array
    {
        [$x, $y, $side, $strip] = [self::LEFT, self::TOP, self::SQUARE, self::STRIP];
        $pen->box($x, $y, $side, $side, Ink::EDGE, Ink::TEXT, 1.5);
        $pen->box($x + $side, $y, $strip, $side, Ink::PAPER, Ink::TEXT, 1.5);
        $pen->box($x, $y + $side, $side, $strip, Ink::PAPER, Ink::TEXT, 1.5);
        $this->corner($pen, $x + $side, $y + $side);
        $pen->centred($this->tiles->letter, $x + $side / 2, $y - 18, self::SIZE);
        $pen->ending($this->tiles->letter, $x - 12, $y + $side / 2, self::SIZE);
        $pen->centred($this->tiles->half, $x + $side + $strip / 2, $y - 18, self::SIZE);
        $pen->ending($this->tiles->half, $x - 12, $y + $side + $strip / 2 + 6, self::SIZE);
        $this->areas($pen, $x + $side / 2, $y + $side / 2, $x + $side + $strip / 2, $y + $side + $strip / 2);

        return [$x + $side + $strip + 30.0, $y + $side + $strip + 24.0];
    }

    /** @return array{float, float} the strips lie inside the square, over one another in the corner */
    private function overlapping(Pen $pen): array
    {
        [$x, $y, $side, $strip] = [self::LEFT, self::TOP, self::SQUARE + self::STRIP, self::STRIP];
        $rest = $side - $strip;
        $pen->box($x, $y, $side, $side, Ink::EDGE, Ink::TEXT, 1.5);
        $pen->box($x + $rest, $y, $strip, $side, Ink::PAPER, Ink::TEXT, 1.3, '6 4');
        $pen->box($x, $y + $rest, $rest, $strip, Ink::PAPER, Ink::TEXT, 1.3, '6 4');
        $this->corner($pen, $x + $rest, $y + $rest);
        $pen->centred($this->tiles->letter, $x + $side / 2, $y - 18, self::SIZE);
        $pen->ending($this->tiles->letter, $x - 12, $y + $side / 2, self::SIZE);
        $pen->centred($this->tiles->half, $x + $rest + $strip / 2, $y + $side + 20, self::SIZE);
        $pen->starting($this->tiles->half, $x + $side + 10, $y + $rest + $strip / 2 + 6, self::SIZE);
        $pen->centred($this->tiles->side, $x + $rest / 2, $y + $rest / 2, self::SIZE, Ink::QUIET);

        return [$x + $side + 50.0 + $pen->measure($this->tiles->half, self::SIZE)->width, $y + $side + 44.0];
    }

    private function corner(Pen $pen, float $x, float $y): void
    {
        $filled = $this->tiles->filled;
        $pen->box(
            $x,
            $y,
            self::STRIP,
            self::STRIP,
            $filled ? Ink::LIGHT : 'none',
            $filled ? Ink::LIGHT_EDGE : Ink::RULE,
            $filled ? 2.2 : 1.4,
            $filled ? '' : '4 4',
        );
        if ($filled) {
            $pen->centred($this->tiles->corner, $x + self::STRIP / 2, $y + self::STRIP / 2, self::SIZE - 2);
        } else {
            $pen->words('?', $x + self::STRIP / 2, $y + self::STRIP / 2 + 8, 24);
        }
    }

    private function areas(Pen $pen, float $middleX, float $middleY, float $right, float $below): void
    {
        $square = new Power($this->tiles->letter, Numeral::of(2));
        $strip = Product::of([$this->tiles->half, $this->tiles->letter]);
        $pen->centred($square, $middleX, $middleY, self::SIZE + 2);
        $pen->centred($strip, $right, $middleY, self::SIZE - 3, Ink::QUIET);
        $pen->centred($strip, $middleX, $below, self::SIZE - 3, Ink::QUIET);
    }
}
