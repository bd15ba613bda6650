<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\Crossing;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\PairRow;
use Runel\Message\Message;

/** The pairs in a table with their sums and a verdict each; on request beside a crossing of product and sum. */
final readonly class PairHuntDrawing implements Drawing
{
    private const HEIGHT = 36;
    private const SIZE = 22;

    /** How far down the table begins when it stands under the crossing. */
    private const UNDER = 216.0;

    public function __construct(private PairHuntFigure $hunt, private bool $stacked = false) {}

    public function label(): Message
    {
        return Message::of(
            'figure.pair-hunt',
            ['product' => $this->hunt->product, 'sum' => $this->hunt->sum, 'count' => \count($this->hunt->rows)],
        );
    }

    public function draw(Pen $pen): array
    {
        $crossing = $this->hunt->crossing;
        $left = $crossing !== null ? $this->crossing($pen, $crossing) : 8.0;
        $top = 0.0;
        if ($this->stacked && $crossing !== null) {
            [$left, $top] = [8.0, self::UNDER];
        }
        $wide = max(72.0, 12.5 * \strlen((string) $this->hunt->product) + 24);
        $columns = [$left, $left + $wide, $left + 2 * $wide, $left + 3 * $wide];
        $pen->words('p', $columns[0] + $wide / 2, $top + 24, 19);
        $pen->words('q', $columns[1] + $wide / 2, $top + 24, 19);
        $pen->words('p + q', $columns[2] + $wide / 2, $top + 24, 19);
        $pen->line($left, $top + 34, $columns[3] + 44, $top + 34, Ink::TEXT, 1.6);
        $y = $top + 38.0;
        $trailing = Trials::trailing($this->hunt->rows, $this->hunt->passed);
        $last = $trailing > 0 ? -1 : \count($this->hunt->rows) - 1;
        foreach ($this->hunt->rows as $place => $row) {
            $before = $this->hunt->rows[$place - 1] ?? null;
            if ($before !== null && $row->number > $before->number + 1) {
                $pen->words('⋯ ' . ($row->number - $before->number - 1) . ' ⋯', $columns[1] + $wide / 2, $y + 24, 18);
                $y += self::HEIGHT;
            }
            if (
                $before !== null
                && $row->number === $before->number + 1
                && ($row->sum() <=> $this->hunt->sum) === -($before->sum() <=> $this->hunt->sum)
                && !$row->fits
            ) {
                // Here the sums pass the target: say where it would have stood.
                $pen->line($left, $y, $columns[3], $y, Ink::LIGHT_EDGE, 2, '6 4');
                $pen->words(self::signed($this->hunt->sum) . ' ?', $columns[3] + 22, $y + 6, 18, Ink::LIGHT_EDGE);
            }
            $this->row($pen, $row, $columns, $wide, $y, $place === $last);
            $y += self::HEIGHT;
        }
        if ($trailing > 0) {
            $pen->words("⋯ $trailing ⋯", $columns[1] + $wide / 2, $y + 24, 18, Ink::TEXT);
            $y += self::HEIGHT;
        }
        $height = max($y + 6, $crossing !== null ? 210 : 80);

        return [$columns[3] + 52, $height];
    }

    /** @param array{float, float, float, float} $columns */
    private function row(Pen $pen, PairRow $row, array $columns, float $wide, float $y, bool $lit): void
    {
        if ($lit || $row->fits) {
            $pen->box(
                $columns[0],
                $y + 2,
                3 * $wide + 44,
                self::HEIGHT - 4,
                Ink::LIGHT,
                Ink::LIGHT_EDGE,
                $row->fits ? 2.2 : 1.2,
                '',
                6,
            );
        }
        $colour = $row->fits ? Ink::TEXT : ($lit ? Ink::TEXT : Ink::QUIET);
        foreach ([$row->left, $row->right, $row->sum()] as $place => $number) {
            $pen->words(self::signed($number), $columns[$place] + $wide / 2, $y + 25, self::SIZE, $colour);
        }
        $pen->words($row->fits ? '✓' : '✗', $columns[3] + 20, $y + 26, 22, $row->fits ? '#1d6b3a' : '#a3123a');
    }

    /**
     * Product above, sum below, or the other way round; the two numbers left and right once they are found.
     *
     * @return float where the table begins
     */
    private function crossing(Pen $pen, Crossing $crossing): float
    {
        $product = self::term($this->hunt->product, $crossing->letter, '²');
        $sum = self::term($this->hunt->sum, $crossing->letter);
        $wide = max(90.0, 13.0 * \strlen((string) $this->hunt->product));
        $middle = max($wide, 120.0) + 10;
        $pen->line($middle - 70, 40, $middle + 70, 180, Ink::TEXT, 2);
        $pen->line($middle + 70, 40, $middle - 70, 180, Ink::TEXT, 2);
        $pen->words($crossing->middleAbove ? $sum : $product, $middle, 40, 26, Ink::TEXT);
        $pen->words($crossing->middleAbove ? $product : $sum, $middle, 192, 26, Ink::TEXT);
        $current = $this->hunt->rows[\count($this->hunt->rows) - 1] ?? null;
        foreach ([[-1, $current?->left], [1, $current?->right]] as [$side, $number]) {
            $x = $middle + $side * 84;
            $pen->box(
                $x - 38,
                90,
                76,
                42,
                $current?->fits === true ? Ink::LIGHT : Ink::PAPER,
                $current?->fits === true ? Ink::LIGHT_EDGE : Ink::RULE,
                1.6,
                $number === null ? '5 4' : '',
                6,
            );
            if ($number !== null) {
                $pen->words(self::term($number, $crossing->letter), $x, 119, 24, Ink::TEXT);
            }
        }

        return 2 * $middle + 60;
    }

    /** With a letter a 1 is not written. */
    private static function term(int $number, ?string $letter, string $power = ''): string
    {
        return $letter === null || $number === 0
            ? self::signed($number)
            : ($number < 0 ? '−' : '') . (abs($number) === 1 ? '' : abs($number)) . $letter . $power;
    }

    private static function signed(int $number): string
    {
        return ($number < 0 ? '−' : '') . abs($number);
    }
}
