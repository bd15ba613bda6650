<?php

declare(strict_types=1);

namespace Runel\Number;

/** What the hunts need of machine integers, on native integers because hunts are hot loops. */
final class Integers
{
    /** Up to here taking squares out costs 100 000 divisions at most. */
    private const LARGEST_SPLIT = 1_000_000_000_000_000;
    /** Primes up to here are searched for. */
    private const LARGEST_PRIME = 100_000;

    /** The greatest common divisor, never negative; of 0 and n it is |n|. */
    public static function gcd(int $first, int $second): int
    {
        while ($second !== 0) {
            [$first, $second] = [$second, $first % $second];
        }

        return abs($first);
    }

    /**
     * The least common multiple of two positive numbers.
     *
     * @throws NoExactValue where it is beyond a machine integer
     */
    public static function lcm(int $first, int $second): int
    {
        $times = intdiv($first, self::gcd($first, $second));

        return $times > intdiv(\PHP_INT_MAX, $second)
            ? throw new NoExactValue("a multiple of $first and $second")
            : $times * $second;
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

    /**
     * The largest square that goes into a positive number, taken out: the number is outside² · inside, inside
     * square-free. Trial division up to the cube root; what is left then has at most two prime factors.
     *
     * @return array{int, int} outside and inside
     *
     * @throws NoExactValue when the number is too large to be searched through
     */
    public static function squareFreePart(int $number): array
    {
        if ($number > self::LARGEST_SPLIT) {
            throw new NoExactValue("the squares in $number");
        }
        $outside = 1;
        $inside = 1;
        for ($prime = 2; $prime * $prime * $prime <= $number; $prime += $prime === 2 ? 1 : 2) {
            for (; $number % ($prime * $prime) === 0; $number = intdiv($number, $prime * $prime)) {
                $outside *= $prime;
            }
            if ($number % $prime === 0) {
                $inside *= $prime;
                $number = intdiv($number, $prime);
            }
        }
        $root = self::squareRoot($number);

        return $root === null ? [$outside, $inside * $number] : [$outside * $root, $inside];
    }

    /** The whole square root of a perfect square, null of any other number. */
    public static function squareRoot(int $number): ?int
    {
        if ($number < 0) {
            return null;
        }
        $near = (int) sqrt($number);
        foreach ([$near - 1, $near, $near + 1] as $root) {
            if ($root * $root === $number) {
                return $root;
            }
        }

        return null;
    }

    /**
     * A whole number as a power with the largest exponent: 64 is 2 to the 6.
     *
     * @param int $number not negative
     *
     * @return array{int, int} base and exponent
     */
    public static function leastRoot(int $number): array
    {
        for ($exponent = (int) log(max(2, $number), 2); $number > 1 && $exponent > 1; --$exponent) {
            $base = (int) round($number ** (1 / $exponent));
            if ($base ** $exponent === $number) {
                return [$base, $exponent];
            }
        }

        return [$number, 1];
    }

    /** @return array<int, positive-int> how often each prime goes into a positive number, by the prime */
    public static function primePowers(int $number): array
    {
        $powers = [];
        for ($prime = 2; $prime * $prime <= $number; $prime += $prime === 2 ? 1 : 2) {
            while ($number % $prime === 0) {
                $powers[$prime] = ($powers[$prime] ?? 0) + 1;
                $number = intdiv($number, $prime);
            }
        }
        if ($number > 1) {
            $powers[$number] = ($powers[$number] ?? 0) + 1;
        }

        return $powers;
    }

    /**
     * The prime factors of a square-free number that squareFreePart() has given.
     *
     * @return list<int> rising; a last factor beyond the search stands as it is, prime or not
     */
    public static function primes(int $number): array
    {
        $primes = [];
        for ($prime = 2; $prime * $prime <= $number && $prime <= self::LARGEST_PRIME; $prime += $prime === 2 ? 1 : 2) {
            if ($number % $prime === 0) {
                $primes[] = $prime;
                $number = intdiv($number, $prime);
            }
        }

        return $number === 1 ? $primes : [...$primes, $number];
    }
}
