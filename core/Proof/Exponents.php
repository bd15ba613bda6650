<?php

declare(strict_types=1);

namespace Runel\Proof;

/**
 * A monomial as one machine integer: the exponents of its symbols side by side, the symbol with place 0 in the lowest
 * bits, so that multiplying monomials is adding integers.
 */
final class Exponents
{
    /** So many symbols have room in one integer. */
    public const PLACES = 9;
    private const BITS = 7;
    private const MASK = (1 << self::BITS) - 1;

    /** The monomial that is a power of one symbol. */
    public static function of(int $place, int $exponent = 1): int
    {
        return $exponent << self::BITS * $place;
    }

    public static function at(int $monomial, int $place): int
    {
        return $monomial >> self::BITS * $place & self::MASK;
    }

    /** Whether every exponent of a monomial is at least that of another. */
    public static function contains(int $monomial, int $other): bool
    {
        return self::leastOf($monomial, $other) === $monomial;
    }

    /** The least monomial that contains two. */
    public static function leastOf(int $first, int $second): int
    {
        $least = 0;
        for ($place = 0; $place < self::PLACES; ++$place) {
            $least |= self::of($place, max(self::at($first, $place), self::at($second, $place)));
        }

        return $least;
    }

    /** Every exponent divided by an index; null where one of them cannot be. */
    public static function over(int $monomial, int $index): ?int
    {
        $over = 0;
        for ($place = 0; $place < self::PLACES; ++$place) {
            $exponent = self::at($monomial, $place);
            if ($exponent % $index !== 0) {
                return null;
            }
            $over |= self::of($place, intdiv($exponent, $index));
        }

        return $over;
    }
}
