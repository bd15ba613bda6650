<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\WholeNumberTwinFigure;
use Runel\Message\Message;

/** The sums at the places, what is carried from each to the next, and the digits that stay. */
final readonly class TwinDrawing implements Drawing
{
    private const CELL = 66;

    public function __construct(private WholeNumberTwinFigure $twin) {}

    public function label(): Message
    {
        return Message::of(
            'figure.twin',
            ['left' => $this->twin->left, 'right' => $this->twin->right, 'product' => $this->twin->product],
        );
    }

    public function draw(Pen $pen): array
    {
        $count = \count($this->twin->sums);
        $extra = \count($this->twin->digits) - $count;
        $left = 24 + $extra * self::CELL;
        $right = $left + $count * self::CELL;
        $pen->words($this->twin->left . ' × ' . $this->twin->right, ($right + 24) / 2, 34, 28, Ink::TEXT);
        foreach ($this->twin->sums as $place => $sum) {
            $x = $left + ($place + 0.5) * self::CELL;
            $power = $count - 1 - $place;
            $pen->box($x - 28, 58, 56, 46, Ink::PAPER, Ink::RULE, 1.2, '', 6);
            $pen->words((string) $sum, $x, 89, 24, Ink::colour($power));
            $pen->inkLine($power, $x - 16, 32, 98, 63);
            $carry = $this->twin->carries[$place] ?? 0;
            if ($carry > 0) {
                $pen->path(
                    \sprintf('M%.1f 124 C%.1f 112 %.1f 112 %.1f 122', $x + 46, $x + 36, $x + 22, $x + 8),
                    Ink::QUIET,
                    1.5,
                );
                $pen->words("+$carry", $x + 2, 136, 17, Ink::TEXT, 'end');
            }
        }
        $pen->line($left - 6 - $extra * self::CELL, 146, $right, 146, Ink::TEXT, 2);
        foreach ($this->twin->digits as $place => $digit) {
            $pen->words((string) $digit, $left + ($place - $extra + 0.5) * self::CELL, 180, 30, Ink::TEXT);
        }

        return [$right + 12, 196];
    }
}
