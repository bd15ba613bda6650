<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A polynomial in exactly one letter. */
final readonly class UnivariateTerms
{
    private function __construct(public Polynomial $polynomial, public string $letter) {}

    /** Null where there is no letter, more than one, or no polynomial at all. */
    public static function of(?Polynomial $polynomial): ?self
    {
        $letters = $polynomial?->letters() ?? [];

        return $polynomial === null || \count($letters) !== 1 ? null : new self($polynomial, $letters[0]);
    }

    /** @return array{Rational, Rational, Rational}|null a, b and c of ax² + bx + c; null where it is no quadratic */
    public function quadratic(): ?array
    {
        return $this->polynomial->degree() !== 2 ? null : [
            $this->polynomial->coefficient($this->letter, 2),
            $this->polynomial->coefficient($this->letter, 1),
            $this->polynomial->coefficient($this->letter, 0),
        ];
    }

    /** @param non-empty-list<Rational> $coefficients the leading one first */
    public function with(array $coefficients): Polynomial
    {
        return Polynomial::ofCoefficients($this->letter, $coefficients);
    }
}
