<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * A polynomial in one letter whose coefficients are numbers with roots, and what can be decided about where it is 0.
 */
final readonly class Univariate
{
    /** Counting real zeros of a polynomial of higher degree grows numbers beyond use. */
    private const MOST_DEGREE = 12;

    /** @param array<int, Surd> $coefficients by power, falling, none 0 */
    private function __construct(private array $coefficients) {}

    /** @param array<int, Surd> $coefficients by power */
    public static function of(array $coefficients): self
    {
        $coefficients = array_filter($coefficients, static fn(Surd $coefficient): bool => !$coefficient->isZero());
        krsort($coefficients);

        return new self($coefficients);
    }

    public static function one(): self
    {
        return new self([0 => Surd::rational(1)]);
    }

    public function isZero(): bool
    {
        return $this->coefficients === [];
    }

    public function degree(): int
    {
        return array_key_first($this->coefficients) ?? 0;
    }

    public function times(self $other): self
    {
        $product = [];
        foreach ($this->coefficients as $first => $coefficient) {
            foreach ($other->coefficients as $second => $factor) {
                $term = $coefficient->times($factor);
                $product[$first + $second] = isset(
                    $product[$first + $second],
                ) ? $product[$first + $second]->plus($term) : $term;
            }
        }

        return self::of($product);
    }

    /** Whether both are 0 in the same places, each as often: the same but for a constant factor. */
    public function isProportionalTo(self $other): bool
    {
        return $this->isZero() === $other->isZero() && ($this->isZero() || $this->monic()->equals($other->monic()));
    }

    /** The same zeros, each once. */
    public function withoutRepeats(): self
    {
        return $this->degree() < 2 ? $this : $this->dividedBy($this->commonWith($this->derivative()))[0];
    }

    /** What is left when every zero shared with another polynomial is taken out, as often as it occurs. */
    public function without(self $other): self
    {
        $left = $this;
        while (!$left->isZero() && ($common = $left->commonWith($other))->degree() > 0) {
            $left = $left->dividedBy($common)[0];
        }

        return $left;
    }

    /**
     * The numbers it is made of, where all are rational: a common numerator over a common denominator, positive.
     *
     * @throws NoExactValue where one is not
     */
    public function content(): Rational
    {
        $content = Rational::zero();
        foreach ($this->coefficients as $coefficient) {
            $content = $content->commonDivisor($coefficient->toRational() ?? throw new NoExactValue('a root'));
        }

        return $content;
    }

    /** The greatest common divisor, by Euclid's algorithm, leading coefficient 1. */
    public function commonWith(self $other): self
    {
        [$first, $second] = [$this, $other];
        while (!$second->isZero()) {
            [$first, $second] = [$second, $first->dividedBy($second)[1]->monic()];
        }

        return $first->monic();
    }

    /**
     * How many different real zeros it has, by Sturm's theorem.
     *
     * @throws NoExactValue when a coefficient is not real, or the degree is too high to count
     */
    public function realZeros(): int
    {
        if ($this->degree() > self::MOST_DEGREE) {
            throw new NoExactValue('too high a degree');
        }
        if ($this->degree() === 0) {
            return 0;
        }
        $chain = [$this, $this->derivative()];
        while (!($last = $chain[\count($chain) - 1])->isZero()) {
            $chain[] = $chain[\count($chain) - 2]->dividedBy($last)[1]->scaled(Surd::rational(-1));
        }
        array_pop($chain);
        $right = array_map(static fn(self $link): int => $link->leading()->sign(), $chain);
        $left = array_map(
            static fn(self $link): int => $link->leading()->sign() * ($link->degree() % 2 === 0 ? 1 : -1),
            $chain,
        );

        return self::changes($left) - self::changes($right);
    }

    /**
     * Division with remainder.
     *
     * @return array{self, self} quotient and remainder
     */
    public function dividedBy(self $divisor): array
    {
        $quotient = [];
        $rest = $this;
        while (!$rest->isZero() && $rest->degree() >= $divisor->degree()) {
            $power = $rest->degree() - $divisor->degree();
            $factor = $rest->leading()->dividedBy($divisor->leading());
            $quotient[$power] = $factor;
            $left = $rest->coefficients;
            foreach ($divisor->coefficients as $own => $coefficient) {
                $place = $own + $power;
                $left[$place] = isset($left[$place]) ? $left[$place]->minus(
                    $factor->times($coefficient),
                ) : $factor->times($coefficient)->negated();
            }
            unset($left[$rest->degree()]);
            $rest = self::of($left);
        }

        return [self::of($quotient), $rest];
    }

    private function equals(self $other): bool
    {
        if (array_keys($this->coefficients) !== array_keys($other->coefficients)) {
            return false;
        }
        foreach ($this->coefficients as $power => $coefficient) {
            if (!$coefficient->equals($other->coefficients[$power])) {
                return false;
            }
        }

        return true;
    }

    private function monic(): self
    {
        return $this->isZero() ? $this : $this->scaled($this->leading()->reciprocal());
    }

    private function scaled(Surd $factor): self
    {
        return new self(
            array_map(static fn(Surd $coefficient): Surd => $coefficient->times($factor), $this->coefficients),
        );
    }

    private function derivative(): self
    {
        $derived = [];
        foreach ($this->coefficients as $power => $coefficient) {
            if ($power > 0) {
                $derived[$power - 1] = $coefficient->times(Surd::rational($power));
            }
        }

        return self::of($derived);
    }

    private function leading(): Surd
    {
        return $this->coefficients[$this->degree()];
    }

    /** @param list<int> $signs */
    private static function changes(array $signs): int
    {
        $changes = 0;
        for ($place = 1; $place < \count($signs); ++$place) {
            $changes += $signs[$place] !== $signs[$place - 1] ? 1 : 0;
        }

        return $changes;
    }
}
