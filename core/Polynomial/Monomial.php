<?php

declare(strict_types=1);

namespace Runel\Polynomial;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;

/** The letters of a term with their exponents, as x²y; without letters it is the monomial of a constant. */
final readonly class Monomial
{
    /** Says the same for the same monomial: x2y1. */
    public string $key;
    public function sharesLetterWith(self $other): bool
    {
        return array_intersect_key($this->exponents, $other->exponents) !== [];
    }

    /** The sum of the exponents. */
    public int $degree;

    /** @param array<string, int> $exponents by letter, in alphabetical order, each at least 1 */
    private function __construct(public array $exponents)
    {
        $key = '';
        foreach ($exponents as $letter => $exponent) {
            $key .= $letter . $exponent;
        }
        $this->key = $key;
        $this->degree = array_sum($exponents);
    }

    public static function one(): self
    {
        return new self([]);
    }

    public static function power(string $letter, int $exponent): self
    {
        return new self($exponent === 0 ? [] : [$letter => $exponent]);
    }

    public function times(self $other): self
    {
        if ($this->exponents === []) {
            return $other;
        }
        $exponents = $this->exponents;
        foreach ($other->exponents as $letter => $exponent) {
            $exponents[$letter] = ($exponents[$letter] ?? 0) + $exponent;
        }
        ksort($exponents);

        return new self($exponents);
    }

    public function degreeIn(string $letter): int
    {
        return $this->exponents[$letter] ?? 0;
    }

    /** The letters in both, each to the lower of its powers. */
    public function common(self $other): self
    {
        $exponents = [];
        foreach (array_intersect_key($this->exponents, $other->exponents) as $letter => $exponent) {
            $exponents[$letter] = min($exponent, $other->exponents[$letter]);
        }

        return new self($exponents);
    }

    /** Divided by a monomial that goes into it. */
    public function over(self $divisor): self
    {
        $exponents = [];
        foreach ($this->exponents as $letter => $exponent) {
            $left = $exponent - ($divisor->exponents[$letter] ?? 0);
            if ($left > 0) {
                $exponents[$letter] = $left;
            }
        }

        return new self($exponents);
    }

    /** The same without one letter. */
    public function without(string $letter): self
    {
        $exponents = $this->exponents;
        unset($exponents[$letter]);

        return new self($exponents);
    }

    /** Standard order: higher degree first; within a degree the earlier letter first. */
    public function compareTo(self $other): int
    {
        if ($this->degree !== $other->degree) {
            return $other->degree <=> $this->degree;
        }
        $letters = $this->exponents + $other->exponents;
        ksort($letters);
        foreach ($letters as $letter => $_) {
            $difference = $other->degreeIn($letter) <=> $this->degreeIn($letter);
            if ($difference !== 0) {
                return $difference;
            }
        }

        return 0;
    }

    /** @return list<Expression> one factor a letter, none for a constant */
    public function factors(): array
    {
        $factors = [];
        foreach ($this->exponents as $letter => $exponent) {
            $factors[] = $exponent === 1 ? new Letter($letter) : new Power(new Letter($letter), Numeral::of($exponent));
        }

        return $factors;
    }

    public function toExpression(): Expression
    {
        return Product::of($this->factors());
    }
}
