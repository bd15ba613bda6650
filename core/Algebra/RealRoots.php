<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/**
 * Between which decimals the real roots of a polynomial lie. They are looked for with machine numbers, between the
 * places where the derivative is 0; that there are sign changes there is worked out exactly.
 */
final readonly class RealRoots
{
    /** More digits behind the point than this are not told apart. */
    private const MOST_DIGITS = 6;
    private const HALVINGS = 80;

    /**
     * @param Polynomial $polynomial in the letter alone, without rational roots
     * @param int        $digits     so many behind the point, more where two roots lie closer together
     *
     * @return list<array{Rational, Rational}>|null rising, each with one sign change; null where they cannot be told
     *                                              apart, or one of them is a root several times
     */
    public static function between(Polynomial $polynomial, string $letter, int $digits): ?array
    {
        $roots = self::near(array_map(
            static fn(Rational $coefficient): float => $coefficient->toFloat(),
            $polynomial->coefficients($letter),
        ));
        if (self::isRepeated($polynomial, $letter)) {
            return null;
        }
        for (; $digits <= self::MOST_DIGITS; ++$digits) {
            $between = self::at($polynomial, $letter, $roots, 10 ** $digits);
            if ($between !== null) {
                return $between;
            }
        }

        return null;
    }

    /** The value of a polynomial at a number. */
    public static function value(Polynomial $polynomial, string $letter, Rational $at): Rational
    {
        return array_reduce(
            $polynomial->coefficients($letter),
            static fn(Rational $value, Rational $next): Rational => $value->times($at)->plus($next),
            Rational::zero(),
        );
    }

    /**
     * @param list<float> $roots
     *
     * @return list<array{Rational, Rational}>|null
     */
    private static function at(Polynomial $polynomial, string $letter, array $roots, int $parts): ?array
    {
        $between = [];
        $before = null;
        foreach ($roots as $root) {
            $low = Rational::fraction((int) floor($root * $parts), $parts)->asDecimal();
            $high = $low->plus(Rational::fraction(1, $parts))->asDecimal();
            $isChange = self::value($polynomial, $letter, $low)
                ->times(self::value($polynomial, $letter, $high))
                ->isNegative();
            if (!$isChange || ($before !== null && $low->compareTo($before) < 0)) {
                return null;
            }
            $between[] = [$low, $high];
            $before = $high;
        }

        return $between;
    }

    /**
     * @param list<float> $coefficients from the highest power down, the first not 0
     *
     * @return list<float> the places where the sign changes, rising
     */
    private static function near(array $coefficients): array
    {
        $degree = \count($coefficients) - 1;
        if ($degree < 1) {
            return [];
        }
        $derivative = [];
        foreach (\array_slice($coefficients, 0, -1) as $place => $coefficient) {
            $derivative[] = $coefficient * ($degree - $place);
        }
        // No root lies further out (Cauchy's bound).
        $farthest = 1 + max(0.0, ...array_map(abs(...), $coefficients)) / abs($coefficients[0]);
        $places = [-$farthest, ...self::near($derivative), $farthest];
        $roots = [];
        foreach (\array_slice($places, 0, -1) as $place => $low) {
            $root = self::crossing($coefficients, $low, $places[$place + 1]);
            $roots = $root === null ? $roots : [...$roots, $root];
        }

        return $roots;
    }

    /** @param list<float> $coefficients */
    private static function crossing(array $coefficients, float $low, float $high): ?float
    {
        $value = static fn(float $at): float => array_reduce(
            $coefficients,
            static fn(float $value, float $next): float => $value * $at + $next,
            0.0,
        );
        if ($value($low) * $value($high) > 0) {
            return null;
        }
        $isRising = $value($high) > 0;
        for ($time = 0; $time < self::HALVINGS; ++$time) {
            $middle = ($low + $high) / 2;
            $value($middle) > 0 === $isRising ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }

    /** Whether it shares a factor with its derivative. */
    private static function isRepeated(Polynomial $polynomial, string $letter): bool
    {
        $coefficients = $polynomial->coefficients($letter);
        $degree = \count($coefficients) - 1;
        $derivative = Polynomial::ofCoefficients($letter, array_map(
            static fn(Rational $coefficient, int $place): Rational => $coefficient->times(
                Rational::of($degree - $place),
            ),
            \array_slice($coefficients, 0, -1),
            array_keys(\array_slice($coefficients, 0, -1)),
        ));

        return $polynomial->commonDivisor($derivative, $letter)->degree() > 0;
    }
}
