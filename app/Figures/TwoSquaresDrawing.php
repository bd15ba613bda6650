<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\TwoSquaresFigure;
use Runel\Message\Message;

/** Left the large square with the small one cut out of its corner; right the two strips end to end as a rectangle. */
final readonly class TwoSquaresDrawing implements Drawing
{
    private const LARGE = 190;
    private const SMALL = 70;
    private const LEFT = 60;
    private const TOP = 44;
    private const SIZE = 20;

    public function __construct(private TwoSquaresFigure $figure) {}

    public function label(): Message
    {
        return Message::of('figure.two-squares', [
            'large' => $this->figure->large,
            'small' => $this->figure->small,
            'sum' => $this->figure->sum,
            'difference' => $this->figure->difference,
        ]);
    }

    public function draw(Pen $pen): array
    {
        $wide = self::LARGE;
        $rest = self::LARGE - self::SMALL;
        [$x, $y] = [self::LEFT, self::TOP];
        $pen->box($x, $y, $wide, $rest, Ink::EDGE, Ink::TEXT, 1.5);
        $pen->box($x, $y + $rest, $rest, self::SMALL, Ink::LIGHT, Ink::TEXT, 1.5);
        $pen->box($x + $rest, $y + $rest, self::SMALL, self::SMALL, 'none', Ink::RULE, 1.3, '4 4');
        $pen->line($x + $rest, $y + $wide, $x + $wide, $y + $rest, Ink::RULE, 1.3);
        $pen->centred($this->figure->large, $x + $wide / 2, $y - 18, self::SIZE);
        $pen->ending($this->figure->large, $x - 12, $y + $wide / 2, self::SIZE);
        $pen->starting($this->figure->small, $x + $wide + 8, $y + $rest + self::SMALL / 2 + 6, self::SIZE, Ink::QUIET);
        $pen->centred($this->figure->small, $x + $rest + self::SMALL / 2, $y + $wide + 18, self::SIZE, Ink::QUIET);

        // The lower strip is turned upright and set against the upper one.
        $right = $x + $wide + 60 + $pen->measure($this->figure->small, self::SIZE)->width
            + $pen->measure($this->figure->difference, self::SIZE)->width;
        $pen->box($right, $y, $wide, $rest, Ink::EDGE, Ink::TEXT, 1.5);
        $pen->box($right + $wide, $y, self::SMALL, $rest, Ink::LIGHT, Ink::TEXT, 1.5);
        $pen->centred($this->figure->sum, $right + ($wide + self::SMALL) / 2, $y - 18, self::SIZE);
        $pen->ending($this->figure->difference, $right - 12, $y + $rest / 2 + 6, self::SIZE);

        return [$right + $wide + self::SMALL + 24, $y + $wide + 40];
    }
}
