<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Message\Message;

/** A pair of somebody's own, judged against the product and sum that are hunted. */
final readonly class OwnPair
{
    private function __construct(public bool $fits, public Message $message) {}

    /** @param string $typed two whole numbers with something between them */
    public static function of(PairHuntFigure $hunt, string $typed): self
    {
        if (preg_match('/^\s*([-−+]?\d{1,13})\s*(?:[,;\s]|and)\s*([-−+]?\d{1,13})\s*$/u', $typed, $match) !== 1) {
            return new self(false, Message::of('hunt.own.unreadable'));
        }
        [$left, $right] = array_map(
            static fn(string $number): int => (int) str_replace('−', '-', $number),
            [$match[1], $match[2]],
        );
        /** @var int|float $product */
        $product = $left * $right;
        $sum = $left + $right;
        $key = match (true) {
            $product === $hunt->product && $sum === $hunt->sum => 'fits',
            $product === $hunt->product && $sum === -$hunt->sum => 'turned',
            $product === $hunt->product => 'product',
            $sum === $hunt->sum => 'sum',
            default => 'neither',
        };
        $signed = static fn(int|float $number): string => ($number < 0 ? '−' : '')
            . (\is_int($number) ? (string) abs($number) : \sprintf('%.0f', abs($number)));

        return new self($key === 'fits', Message::of("hunt.own.$key", [
            'left' => $signed($left), 'right' => $signed($right), 'product' => $signed($product),
            'sum' => $signed($sum),
            'target' => $signed($hunt->sum), 'wanted' => $signed($hunt->product),
        ]));
    }
}
