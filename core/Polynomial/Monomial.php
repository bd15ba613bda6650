<?php

declare(strict_types=1);

namespace Runel\Polynomial;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Root;

/**
 * The letters of a term with their exponents, as x²y; without letters it is the monomial of a constant. A square root
 * of a whole number counts as one more letter, without a degree, and so does π.
 */
final readonly class Monomial
{
    private const ROOT = '√';

    /** Says the same for the same monomial: x2y1. */
    public string $key;

    /** The sum of the exponents of its letters. */
    public int $degree;

    /** @param array<string, int> $exponents by letter, in alphabetical order, each at least 1 */
    private function __construct(public array $exponents)
    {
        $key = '';
        $degree = 0;
        foreach ($exponents as $letter => $exponent) {
            $key .= $letter . $exponent;
            // A letter of one byte is none of the constants: told without a call.
            $degree += isset($letter[1]) && self::isConstant($letter) ? 0 : $exponent;
        }
        $this->key = $key;
        $this->degree = $degree;
    }

    public static function one(): self
    {
        return new self([]);
    }

    /** @param array<string, int> $exponents by letter, in any order, each at least 1 */
    public static function of(array $exponents): self
    {
        ksort($exponents);

        return new self($exponents);
    }

    public static function power(string $letter, int $exponent): self
    {
        return new self($exponent === 0 ? [] : [$letter => $exponent]);
    }

    /** The square root of a whole number, which stands beside the letters as one of them. */
    public static function root(int $radicand): self
    {
        return new self([self::ROOT . $radicand => 1]);
    }

    public static function isRoot(string $letter): bool
    {
        return str_starts_with($letter, self::ROOT);
    }

    /** Whether it is no letter but a number that no fraction is: a root, or π. */
    public static function isConstant(string $letter): bool
    {
        return $letter === Pi::NAME || self::isRoot($letter);
    }

    /** What is under the roots of a term, multiplied together; 1 where there is none. */
    public function radicand(): int
    {
        $radicand = 1;
        // Most terms have no root: told by one look at the key.
        foreach (str_contains($this->key, self::ROOT) ? $this->exponents : [] as $letter => $exponent) {
            if (self::isRoot((string) $letter)) {
                $radicand *= (int) mb_substr((string) $letter, 1) ** $exponent;
            }
        }

        return $radicand;
    }

    public function withoutRoots(): self
    {
        return $this->only(static fn(string $letter): bool => !self::isRoot($letter));
    }

    /** @param \Closure(string): bool $stays */
    private function only(\Closure $stays): self
    {
        return new self(array_filter(
            $this->exponents,
            static fn(string|int $letter): bool => $stays((string) $letter),
            \ARRAY_FILTER_USE_KEY,
        ));
    }

    /** Its letters without the numbers that stand beside them. */
    public function letters(): self
    {
        return $this->degree === array_sum($this->exponents)
            ? $this
            : $this->only(static fn(string $letter): bool => !self::isConstant($letter));
    }

    /** The numbers that stand beside its letters, roots and π. */
    public function constants(): self
    {
        return $this->letters() === $this ? self::one() : $this->only(self::isConstant(...));
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
        if (\count($exponents) > 1) {
            ksort($exponents);
        }

        return new self($exponents);
    }

    public function sharesLetterWith(self $other): bool
    {
        return array_intersect_key($this->exponents, $other->exponents) !== [];
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

    /**
     * Standard order: higher degree first; within a degree the earlier letter first.
     *
     * @param string $main a letter that comes before all others; none where it is empty
     */
    public function compareTo(self $other, string $main = ''): int
    {
        if ($this->degree !== $other->degree) {
            return $other->degree <=> $this->degree;
        }
        if ($main !== '' && $this->degreeIn($main) !== $other->degreeIn($main)) {
            return $other->degreeIn($main) <=> $this->degreeIn($main);
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

    /** @return list<Expression> one factor a letter, π before all others as people write it; none for a constant */
    public function factors(): array
    {
        $factors = [];
        $first = isset($this->exponents[Pi::NAME]) ? [Pi::NAME => $this->exponents[Pi::NAME]] : [];
        foreach ($first + $this->exponents as $letter => $exponent) {
            $base = match (true) {
                !isset($letter[1]) => new Letter($letter),
                $letter === Pi::NAME => new Pi(),
                self::isRoot((string) $letter) => new Root(Numeral::of((int) mb_substr((string) $letter, 1)), 2),
                default => new Letter((string) $letter),
            };
            $factors[] = $exponent === 1 ? $base : new Power($base, Numeral::of($exponent));
        }

        return $factors;
    }

    public function toExpression(): Expression
    {
        return Product::of($this->factors());
    }
}
