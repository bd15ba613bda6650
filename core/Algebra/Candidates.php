<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/**
 * The numbers that can be rational roots of a polynomial with whole coefficients: the numerator goes into the last
 * coefficient, the denominator into the first.
 */
final readonly class Candidates
{
    /** More than these nobody tries by hand. */
    private const MOST = 200;
    /** Factors of larger numbers are not searched for. */
    private const LARGEST = 10_000_000_000;

    /**
     * @param list<int>      $lasts  the factors of the last coefficient
     * @param list<int>      $firsts the factors of the first
     * @param list<Rational> $values whole numbers first, small before large, plus before minus
     */
    private function __construct(public array $lasts, public array $firsts, public array $values) {}

    /**
     * @param Rational|null $given the one that is said to be a root: it is tried before the others, where it can be one
     *
     * @return self|null null where there are too many
     */
    public static function of(Polynomial $polynomial, string $letter, ?Rational $given = null): ?self
    {
        $last = $polynomial->coefficient($letter, 0)->absolute()->toInt();
        $first = $polynomial->coefficient($letter, $polynomial->degree())->absolute()->toInt();
        if ($last === null || $first === null || max($last, $first) > self::LARGEST) {
            return null;
        }
        [$lasts, $firsts] = [self::factors($last), self::factors($first)];
        if (2 * \count($lasts) * \count($firsts) > self::MOST) {
            return null;
        }
        $values = [];
        foreach ($firsts as $below) {
            foreach ($lasts as $above) {
                if (Integers::gcd($above, $below) === 1) {
                    array_push($values, Rational::fraction($above, $below), Rational::fraction(-$above, $below));
                }
            }
        }

        $isGiven = static fn(Rational $value): bool => $given !== null && $value->equals($given);

        return new self($lasts, $firsts, [
            ...array_filter($values, $isGiven),
            ...array_filter($values, static fn(Rational $value): bool => !$isGiven($value)),
        ]);
    }

    /** @return list<int> rising */
    private static function factors(int $number): array
    {
        $factors = [];
        foreach ($number === 0 ? [] : Integers::factorPairs($number) as [$small, $large]) {
            $factors[$small] = true;
            $factors[$large] = true;
        }
        ksort($factors);

        return array_keys($factors);
    }
}
