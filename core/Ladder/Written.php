<?php

declare(strict_types=1);

namespace Runel\Ladder;

/** Problems as people type them. */
final class Written
{
    /**
     * A polynomial in falling powers.
     *
     * @param list<int>   $coefficients the leading one first
     * @param string|null $second       a second letter, whose powers rise
     */
    public static function polynomial(string $letter, array $coefficients, ?string $second = null): string
    {
        $degree = \count($coefficients) - 1;
        $text = '';
        foreach ($coefficients as $place => $coefficient) {
            if ($coefficient === 0) {
                continue;
            }
            $letters = self::power($letter, $degree - $place)
                . ($second === null ? '' : self::power($second, $place));
            $size = abs($coefficient) === 1 && $letters !== '' ? $letters : abs($coefficient) . $letters;
            $text .= $text === ''
                ? ($coefficient < 0 ? '-' : '') . $size
                : ($coefficient < 0 ? ' - ' : ' + ') . $size;
        }

        return $text === '' ? '0' : $text;
    }

    /** A number after other terms, with its sign between. */
    public static function more(int $number): string
    {
        return $number === 0 ? '' : ($number < 0 ? ' - ' : ' + ') . abs($number);
    }

    /** A number before parentheses or a letter, 1 left out. */
    public static function front(int $number): string
    {
        return $number === 1 ? '' : ($number === -1 ? '-' : (string) $number);
    }

    /**
     * @param list<int> $left  coefficients, the leading one first
     * @param list<int> $right
     *
     * @return list<int>
     */
    public static function product(array $left, array $right): array
    {
        $product = array_fill(0, \count($left) + \count($right) - 1, 0);
        foreach ($left as $row => $one) {
            foreach ($right as $column => $other) {
                $product[$row + $column] += $one * $other;
            }
        }

        return array_values($product);
    }

    private static function power(string $letter, int $exponent): string
    {
        return match ($exponent) {
            0 => '',
            1 => $letter,
            default => "$letter^$exponent",
        };
    }
}
