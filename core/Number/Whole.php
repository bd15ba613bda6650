<?php

declare(strict_types=1);

namespace Runel\Number;

/** What the hunts need of machine integers, on native integers because hunts are hot loops. */
final class Whole
{
    /** The greatest common divisor, never negative; of 0 and n it is |n|. */
    public static function gcd(int $first, int $second): int
    {
        while ($second !== 0) {
            [$first, $second] = [$second, $first % $second];
        }

        return abs($first);
    }

    /**
     * All ways to write a positive number as a product of two, the smaller factor first and growing.
     *
     * Trial division: the cost is the square root of the number.
     *
     * @return list<array{int, int}>
     */
    public static function factorPairs(int $number): array
    {
        $pairs = [];
        for ($small = 1; $small * $small <= $number; ++$small) {
            if ($number % $small === 0) {
                $pairs[] = [$small, intdiv($number, $small)];
            }
        }

        return $pairs;
    }
}
