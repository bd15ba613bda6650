<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Number\Rational;

/**
 * A fraction of two polynomials in letters and roots. A monomial is one machine integer, the exponents side by side
 * in it, so that multiplying monomials is adding integers.
 */
final readonly class RationalFunction
{
    /**
     * @param array<int, Rational> $numerator   coefficients by monomial, none 0
     * @param array<int, Rational> $denominator coefficients by monomial, none 0, not empty
     * @param int                  $degree      an upper bound for the exponents in both
     */
    public function __construct(public array $numerator, public array $denominator, public int $degree) {}

    /** Whether the denominator is the number 1. */
    public function isWhole(): bool
    {
        return \count($this->denominator) === 1 && isset($this->denominator[0]) && $this->denominator[0]->isOne();
    }

    /** The value, where no letter and no root is left; null elsewhere. */
    public function toRational(): ?Rational
    {
        if (\count($this->denominator) !== 1 || !isset($this->denominator[0])) {
            return null;
        }

        return match (\count($this->numerator)) {
            0 => Rational::zero(),
            1 => isset($this->numerator[0]) ? $this->numerator[0]->dividedBy($this->denominator[0]) : null,
            default => null,
        };
    }
}
