<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Expression\Expression;

/** A row of places under a figure, one for each kind of term of the answer, filled as the sums become known. */
final readonly class AnswerPlaces
{
    private const SIZE = 24;
    private const HEIGHT = 46;
    private const GAP = 8;

    /**
     * @param list<int>|array<int, int> $inks from the left
     * @param array<int, Expression>    $sums what is known, by ink
     * @param int|null                  $lit  the ink just written
     */
    public function __construct(private array $inks, private array $sums, private ?int $lit) {}

    /**
     * Draws the places centred below a figure.
     *
     * @return array{float, float} the width and height of all
     */
    public function draw(Pen $pen, float $width, float $top): array
    {
        $widths = [];
        foreach ($this->inks as $ink) {
            $widths[] = isset($this->sums[$ink]) ? max(52.0, $pen->measure(
                $this->sums[$ink],
                self::SIZE,
            )->width + 22) : 52.0;
        }
        $needed = array_sum($widths) + self::GAP * (\count($widths) - 1) + 8;
        $whole = max($width, $needed);
        $x = ($whole - $needed) / 2 + 4;
        foreach (array_values($this->inks) as $place => $ink) {
            $lit = $ink === $this->lit;
            $known = isset($this->sums[$ink]);
            $pen->box(
                $x,
                $top,
                $widths[$place],
                self::HEIGHT,
                $lit ? Ink::LIGHT : Ink::PAPER,
                $lit ? Ink::LIGHT_EDGE : Ink::RULE,
                $lit ? 2 : 1.2,
                $known ? '' : '5 4',
                6,
            );
            if ($known) {
                $pen->centred(
                    $this->sums[$ink],
                    $x + $widths[$place] / 2,
                    $top + self::HEIGHT / 2 - 1,
                    self::SIZE,
                    Ink::colour($ink),
                );
            }
            $pen->inkLine($ink, $x + 10, $widths[$place] - 20, $top + self::HEIGHT - 7, $top + 6);
            $x += $widths[$place] + self::GAP;
        }

        return [$whole, $top + self::HEIGHT + 6];
    }
}
