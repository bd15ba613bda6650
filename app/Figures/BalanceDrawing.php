<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\BalanceFigure;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Message\Message;

/** A beam with two pans: blocks with the letter, round units; what is taken from both is struck, parts are framed. */
final class BalanceDrawing implements Drawing
{
    private const PAN = 252.0;
    private const GAP = 60.0;
    private const BLOCK = 38.0;
    private const UNIT = 30.0;

    /** Where the pans are: under the highest load. */
    private float $floor = 0;

    public function __construct(private readonly BalanceFigure $balance) {}

    public function label(): Message
    {
        return Message::of('figure.balance', [
            'left' => $this->balance->leftPan[0],
            'leftunits' => $this->balance->leftPan[1],
            'right' => $this->balance->rightPan[0],
            'rightunits' => $this->balance->rightPan[1],
        ]);
    }

    public function draw(Pen $pen): array
    {
        $width = 2 * self::PAN + self::GAP;
        $rows = max(self::rows($this->balance->leftPan), self::rows($this->balance->rightPan));
        $this->floor = 12 + $rows * (self::BLOCK + 4);
        $middle = 8 + $width / 2;
        foreach ([8.0, 8 + self::PAN + self::GAP] as $side => $x) {
            $this->load($pen, $side === 0 ? $this->balance->leftPan : $this->balance->rightPan, $x);
            $pen->line($x, $this->floor, $x + self::PAN, $this->floor, Ink::TEXT, 3);
            $pen->line($x + self::PAN / 2, $this->floor, $x + self::PAN / 2, $this->floor + 22, Ink::TEXT, 2);
        }
        $beam = $this->floor + 22;
        $pen->line(8 + self::PAN / 2, $beam, 8 + self::PAN * 1.5 + self::GAP, $beam, Ink::TEXT, 4);
        $pen->path(\sprintf('M%.1f %.1fl-18 34h36z', $middle, $beam + 2), Ink::TEXT, 2, '', Ink::EDGE);

        return [$width + 16, $beam + 44];
    }

    /** @param array{int, int} $pan blocks and units */
    private static function rows(array $pan): int
    {
        $rows = 1;
        $x = 4.0;
        foreach (self::things($pan) as $size) {
            if ($x + $size > self::PAN - 2) {
                $x = 4.0;
                ++$rows;
            }
            $x += $size + 4;
        }

        return $rows;
    }

    /**
     * @param array{int, int} $pan blocks and units
     *
     * @return list<float> the size of each
     */
    private static function things(array $pan): array
    {
        return [...array_fill(0, $pan[0], self::BLOCK), ...array_fill(0, $pan[1], self::UNIT)];
    }

    /** @param array{int, int} $pan blocks and units */
    private function load(Pen $pen, array $pan, float $left): void
    {
        // From the floor up, a row at a time; what is taken is the last of its kind.
        $x = $left + 4;
        $y = $this->floor - 3;
        foreach (self::things($pan) as $place => $size) {
            if ($x + $size > $left + self::PAN - 2) {
                $x = $left + 4;
                $y -= self::BLOCK + 4;
            }
            $isBlock = $place < $pan[0];
            $taken = $isBlock
                ? $place >= $pan[0] - $this->balance->taken[0]
                : $place >= $pan[0] + $pan[1] - $this->balance->taken[1];
            $this->thing($pen, $x, $y, $size, $isBlock, $taken, $this->part($place, $pan));
            $x += $size + 4;
        }
    }

    /**
     * The part to which a thing belongs when both pans are shared out, from 0; null where they are not.
     *
     * @param array{int, int} $pan
     */
    private function part(int $place, array $pan): ?int
    {
        if ($this->balance->groups < 2) {
            return null;
        }
        $own = $place < $pan[0] ? $pan[0] : $pan[1];
        $number = $place < $pan[0] ? $place : $place - $pan[0];

        return intdiv($number * $this->balance->groups, max(1, $own));
    }

    private function thing(Pen $pen, float $x, float $y, float $size, bool $block, bool $taken, ?int $part): void
    {
        $lit = $part === 0;
        $fill = $lit ? Ink::LIGHT : Ink::PAPER;
        $edge = $lit ? Ink::LIGHT_EDGE : ($taken ? Ink::QUIET : Ink::TEXT);
        $colour = $taken ? Ink::QUIET : ($block ? Ink::colour(1) : Ink::colour(0));
        if ($block) {
            $pen->box($x, $y - $size, $size, $size, $fill, $edge, 1.8, $taken ? '4 3' : '', 4);
            $pen->centred(new Letter($this->balance->letter), $x + $size / 2, $y - $size / 2, 22, $colour);
        } else {
            $pen->disc($x + $size / 2, $y - $size / 2, $size / 2, $fill, $edge, 1.6);
            $pen->centred(Numeral::of(1), $x + $size / 2, $y - $size / 2, 16, $colour);
        }
        if ($taken) {
            $pen->line($x + 3, $y - 3, $x + $size - 3, $y - $size + 3, Ink::LIGHT_EDGE, 2.2);
        }
    }
}
