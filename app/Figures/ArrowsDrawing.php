<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\ArrowedProduct;
use Runel\Demonstration\Figure\ArrowsFigure;
use Runel\Message\Message;

/**
 * Two brackets in a line; the arrows of the first term above them, those of the second below, and so on in turn; what
 * each has brought underneath, and the sums under a rule.
 */
final readonly class ArrowsDrawing implements Drawing
{
    private const LINE = 92.0;
    private const ROW = 52;
    /** Up to so many products stand in one line; beyond, one line for each term of the first factor. */
    private const IN_LINE = 4;

    public function __construct(private ArrowsFigure $arrows) {}

    public function label(): Message
    {
        return Message::of('figure.arrows', ['count' => array_sum(array_map(
            static fn(ArrowedProduct $written): int => \count($written->joined),
            $this->arrows->written,
        ))]);
    }

    public function draw(Pen $pen): array
    {
        $lit = array_intersect_key($this->arrows->written, array_flip($this->arrows->lit));
        $joined = array_merge(...array_map(
            static fn(ArrowedProduct $written): array => $written->joined,
            array_values($lit),
        ));
        [$from, $right] = BracketTerms::factor($pen, $this->arrows->left, 10, self::LINE, array_column($joined, 0));
        [$to, $right] = BracketTerms::factor(
            $pen,
            $this->arrows->right,
            $right + 14,
            self::LINE,
            array_column($joined, 1),
        );
        foreach ($this->arrows->written as $place => $written) {
            foreach ($written->joined as [$start, $end]) {
                $this->arrow($pen, $from[$start], $to[$end], $start % 2 === 0, $written->ink, isset($lit[$place]));
            }
        }
        $below = self::LINE + (\count($this->arrows->left) > 1 ? 66 : 22);
        [$wide, $below] = $this->products($pen, $below);
        if ($this->arrows->totals !== []) {
            $pen->line(10, $below + 4, max($right, $wide), $below + 4, Ink::TEXT, 2);
            [$widest, $below] = $this->row($pen, array_map(
                static fn($total): ArrowedProduct => new ArrowedProduct([[0, 0]], $total->sum, $total->ink),
                $this->arrows->totals,
            ), [], $below + 6);
            $wide = max($wide, $widest);
        }

        return [max($right, $wide) + 12, $below + 8];
    }

    private function arrow(Pen $pen, float $from, float $to, bool $isAbove, int $ink, bool $isLit): void
    {
        $edge = self::LINE + ($isAbove ? -38 : 16);
        $turn = $edge + ($isAbove ? -1 : 1) * (14 + min(30, ($to - $from) / 7));
        $colour = $isLit ? Ink::colour($ink) : Ink::RULE;
        $dashes = Ink::dashes($ink) === 'double' ? '' : Ink::dashes($ink);
        $pen->path(\sprintf(
            'M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f',
            $from,
            $edge,
            $from + 6,
            $turn,
            $to - 6,
            $turn,
            $to,
            $edge,
        ), $colour, $isLit ? 2.4 : 1.6, $dashes);
        $back = $isAbove ? -9 : 9;
        $pen->path(\sprintf(
            'M%.1f %.1f L%.1f %.1f L%.1f %.1f',
            $to - 8,
            $edge + $back,
            $to,
            $edge,
            $to + 4,
            $edge + $back * 1.15,
        ), $colour, $isLit ? 2.4 : 1.6, '');
    }

    /** @return array{float, float} how far they reach to the right and down */
    private function products(Pen $pen, float $top): array
    {
        $rows = [];
        $isOneLine = \count($this->arrows->left) * \count($this->arrows->right) <= self::IN_LINE;
        foreach ($this->arrows->written as $place => $written) {
            $rows[$isOneLine ? 0 : $written->joined[0][0]][$place] = $written;
        }
        $wide = 0.0;
        foreach ($rows as $row) {
            $lit = array_keys(array_intersect(array_keys($row), $this->arrows->lit));
            [$widest, $top] = $this->row($pen, array_values($row), $lit, $top);
            $wide = max($wide, $widest);
        }

        return [$wide, $top];
    }

    /**
     * @param list<ArrowedProduct> $products
     * @param list<int>            $lit      of these
     *
     * @return array{float, float} how far they reach to the right and down
     */
    private function row(Pen $pen, array $products, array $lit, float $top): array
    {
        [, $right] = BracketTerms::line(
            $pen,
            array_map(static fn(ArrowedProduct $written) => $written->product, $products),
            18,
            $top + 36,
            $lit,
            array_map(static fn(ArrowedProduct $written): int => $written->ink, $products),
        );

        return [$right, $top + self::ROW];
    }
}
