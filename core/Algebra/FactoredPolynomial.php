<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * A polynomial as a number times powers of different factors, each with whole coefficients without a common factor, its
 * first one positive: letters first, then what stands in brackets.
 */
final readonly class FactoredPolynomial
{
    /** @param list<array{Polynomial, positive-int}> $factors each once, with its exponent */
    private function __construct(public Rational $number, public array $factors) {}

    /** @param Polynomial $polynomial not 0 */
    public static function of(Polynomial $polynomial): self
    {
        if ($polynomial->isConstant()) {
            return new self($polynomial->value() ?? Rational::one(), []);
        }
        $common = CommonTerm::of($polynomial);
        $self = self::term($common);
        foreach (Splitting::of($common->rest) as $factor) {
            $factor = $polynomial->main === '' ? $factor : $factor->unknownFirst();
            $isNegative = $factor->terms[0]->coefficient->isNegative();
            $self = ($isNegative ? $self->scaledBy(Rational::of(-1)) : $self)->with(
                $isNegative ? $factor->negated() : $factor,
                1,
            );
        }

        return $self;
    }

    /** The same with x, y or z first in every factor: whatever has x − a and a − x has a factor in common. */
    public static function unknownFirst(Polynomial $polynomial): self
    {
        return self::of($polynomial->unknownFirst());
    }

    /**
     * Only the number is taken out; what is left stays whole.
     *
     * @param Polynomial $polynomial not 0
     */
    public static function numberOutOf(Polynomial $polynomial): self
    {
        if ($polynomial->isConstant()) {
            return new self($polynomial->value() ?? Rational::one(), []);
        }
        $common = CommonTerm::of($polynomial);
        $number = $common->negative ? $common->content->negated() : $common->content;

        return new self($number, [[$polynomial->scaledBy(Rational::one()->dividedBy($number)), 1]]);
    }

    /**
     * Only number and letters are taken out; what is left stays whole.
     *
     * @param Polynomial $polynomial not 0
     */
    public static function termOutOf(Polynomial $polynomial): self
    {
        if ($polynomial->isConstant()) {
            return self::numberOutOf($polynomial);
        }
        $common = CommonTerm::of($polynomial);
        $term = self::term($common);

        return $common->rest->isConstant() ? $term : $term->with($common->rest, 1);
    }

    /** What all terms have in common, its sign with it. */
    private static function term(CommonTerm $common): self
    {
        $self = new self($common->negative ? $common->content->negated() : $common->content, []);
        foreach ($common->letters->exponents as $letter => $exponent) {
            if ($exponent > 0) {
                $power = Polynomial::ofTerms([new Term(Rational::one(), Monomial::power((string) $letter, 1))]);
                $self = $self->with($power, $exponent);
            }
        }

        return $self;
    }

    public static function one(): self
    {
        return new self(Rational::one(), []);
    }

    public static function number(Rational $number): self
    {
        return new self($number, []);
    }

    public function isNumber(): bool
    {
        return $this->factors === [];
    }

    public function isOne(): bool
    {
        return $this->factors === [] && $this->number->isOne();
    }

    /** How often a factor stands in it. */
    public function exponent(Polynomial $factor): int
    {
        foreach ($this->factors as [$own, $exponent]) {
            if ($own->equals($factor)) {
                return $exponent;
            }
        }

        return 0;
    }

    public function times(self $other): self
    {
        $product = new self($this->number->times($other->number), $this->factors);
        foreach ($other->factors as [$factor, $exponent]) {
            $product = $product->with($factor, $exponent);
        }

        return $product;
    }

    /** @param positive-int $exponent */
    public function power(int $exponent): self
    {
        return new self($this->number->power($exponent), array_map(
            static fn(array $one): array => [$one[0], $one[1] * $exponent],
            $this->factors,
        ));
    }

    public function scaledBy(Rational $number): self
    {
        return new self($this->number->times($number), $this->factors);
    }

    /** What both have in common: the factors with the lower exponent, and the greatest number, positive. */
    public function common(self $other): self
    {
        $common = new self($this->number->commonDivisor($other->number), []);
        foreach ($this->factors as [$factor, $exponent]) {
            $both = min($exponent, $other->exponent($factor));
            if ($both > 0) {
                $common = $common->with($factor, $both);
            }
        }

        return $common;
    }

    /** The least that both go into: the factors with the higher exponent, and the least number, positive. */
    public function multiple(self $other): self
    {
        $number = $this->number->times($other->number)->dividedBy($this->number->commonDivisor($other->number));
        $multiple = new self($number->absolute(), $this->factors);
        foreach ($other->factors as [$factor, $exponent]) {
            $missing = $exponent - $this->exponent($factor);
            if ($missing > 0) {
                $multiple = $multiple->with($factor, $missing);
            }
        }

        return $multiple;
    }

    /** Divided by something that goes into it. */
    public function over(self $divisor): self
    {
        $rest = new self($this->number->dividedBy($divisor->number), []);
        foreach ($this->factors as [$factor, $exponent]) {
            $left = $exponent - $divisor->exponent($factor);
            if ($left > 0) {
                $rest = $rest->with($factor, $left);
            }
        }

        return $rest;
    }

    /** Multiplied out. */
    public function polynomial(): Polynomial
    {
        $product = Polynomial::constant($this->number);
        foreach ($this->factors as [$factor, $exponent]) {
            for ($time = 0; $time < $exponent; ++$time) {
                $product = $product->times($factor);
            }
        }

        return $product;
    }

    /** @return list<Rational> the rational numbers at which it is 0, in the order of the factors, of one letter */
    public function zeros(string $letter): array
    {
        $zeros = [];
        foreach ($this->factors as [$factor]) {
            if ($factor->degree() === 1 && $factor->letters() === [$letter]) {
                $zeros[] = $factor->coefficient($letter, 0)->negated()->dividedBy($factor->coefficient($letter, 1));
            }
        }

        return $zeros;
    }

    /** Its number and letters alone. */
    public function monomial(): self
    {
        return new self($this->number, array_values(array_filter(
            $this->factors,
            static fn(array $one): bool => \count($one[0]->terms) === 1,
        )));
    }

    /** As it is written: the number, then the factors, a power where one stands several times. */
    public function toExpression(): Expression
    {
        $size = $this->number->absolute();
        $written = $this->factors !== [] && $size->isOne() ? [] : [Numeral::of($size)];
        foreach ($this->factors as [$factor, $exponent]) {
            $base = $factor->toExpression();
            $written[] = $exponent === 1 ? $base : new Power($base, Numeral::of($exponent));
        }
        $product = Product::of($written);

        return $product->signed($this->number->isNegative());
    }

    private function with(Polynomial $factor, int $exponent): self
    {
        $factors = $this->factors;
        foreach ($factors as $place => [$own, $times]) {
            if ($own->equals($factor)) {
                $factors[$place] = [$own, max(1, $times + $exponent)];

                return new self($this->number, array_values($factors));
            }
        }
        // Letters stand before brackets.
        $letters = [];
        $brackets = [];
        foreach ([...$factors, [$factor, max(1, $exponent)]] as $one) {
            if (\count($one[0]->terms) === 1) {
                $letters[] = $one;
            } else {
                $brackets[] = $one;
            }
        }

        return new self($this->number, [...$letters, ...$brackets]);
    }
}
