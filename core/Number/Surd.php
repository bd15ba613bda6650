<?php

declare(strict_types=1);

namespace Runel\Number;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * An exact number p + q₁√n₁ + q₂√n₂ + …, the nᵢ different square-free whole numbers; a negative one stands for
 * i√|n|. Roots of different square-free numbers are independent over the fractions (A. S. Besicovitch, 1940), so
 * two such numbers are equal exactly when their parts are.
 */
final readonly class Surd implements \Stringable
{
    /** What is left of machine numbers that cancel is trusted while it is larger than this part of them. */
    private const CERTAIN = 1e-9;
    /** Digits behind the point with which the search for a sign or a rounding begins. */
    private const FIRST_PRECISION = 20;
    /** Beyond this many digits no number that a person typed can still be undecided. */
    private const LAST_PRECISION = 20_000;
    /** More different roots than this in one number are not taken apart. */
    private const MOST_ROOTS = 16;

    /** @param array<int, Rational> $parts by square-free radicand, 1 for the rational part; none is 0 */
    private function __construct(public array $parts) {}

    public static function rational(Rational|int $value): self
    {
        $value = \is_int($value) ? Rational::of($value) : $value;

        return new self($value->isZero() ? [] : [1 => $value]);
    }

    /**
     * The square root that is not negative; of a negative number the one with +i.
     *
     * @throws NoExactValue when the radicand has too many digits to take its squares out
     */
    public static function rootOf(Rational $radicand): self
    {
        $whole = $radicand->squareRoot();
        if ($whole !== null) {
            return self::rational($whole);
        }
        // √(n/d) is √n·√d/d; each is split by itself, and then what the two have in common comes out as well.
        $numerator = $radicand->absolute()->numerator()->toInt() ?? throw new NoExactValue("root of $radicand");
        $denominator = $radicand->denominator()->toInt() ?? throw new NoExactValue("root of $radicand");
        [$first, $above] = Integers::squareFreePart($numerator);
        [$second, $below] = Integers::squareFreePart($denominator);
        [$inside, $common] = self::rootProduct($above, $below);
        $outside = Rational::of($first)->times(Rational::of($second))->times(Rational::of($common));

        return new self([$radicand->isNegative() ? -$inside : $inside => $outside->dividedBy(
            $radicand->denominator(),
        )]);
    }

    public function plus(self $other): self
    {
        $parts = $this->parts;
        foreach ($other->parts as $radicand => $coefficient) {
            $sum = isset($parts[$radicand]) ? $parts[$radicand]->plus($coefficient) : $coefficient;
            if ($sum->isZero()) {
                unset($parts[$radicand]);
            } else {
                $parts[$radicand] = $sum;
            }
        }

        return new self($parts);
    }

    public function minus(self $other): self
    {
        return $this->plus($other->negated());
    }

    public function negated(): self
    {
        return new self(array_map(static fn(Rational $part): Rational => $part->negated(), $this->parts));
    }

    /** @throws NoExactValue when a radicand outgrows a machine integer */
    public function times(self $other): self
    {
        $product = new self([]);
        foreach ($this->parts as $left => $first) {
            foreach ($other->parts as $right => $second) {
                [$radicand, $factor] = self::rootProduct($left, $right);
                $product = $product->plus(new self([
                    $radicand => $first->times($second)->times(Rational::of($factor)),
                ]));
            }
        }
        if (\count($product->parts) > self::MOST_ROOTS) {
            throw new NoExactValue('too many different roots');
        }

        return $product;
    }

    /**
     * @throws DivisionByZero when the divisor is 0
     * @throws NoExactValue   when a radicand outgrows a machine integer
     */
    public function dividedBy(self $divisor): self
    {
        return $this->times($divisor->reciprocal());
    }

    /**
     * Multiplies by one conjugate after another until the denominator is rational.
     *
     * @throws DivisionByZero when this is 0
     */
    public function reciprocal(): self
    {
        if ($this->parts === []) {
            throw new DivisionByZero();
        }
        $atom = $this->atoms()[0] ?? null;
        if ($atom === null) {
            return new self([1 => $this->parts[1]->reciprocal()]);
        }
        $conjugate = $this->conjugate($atom);

        return $conjugate->times($this->times($conjugate)->reciprocal());
    }

    /**
     * The square root, where it is such a number again; of a real number the one that is not negative. Roots of
     * sums of roots are denested one root after another: for a + b√n with a² − nb² = d², the root is √u + √v with
     * u = (a + d)/2 and v = (a − d)/2, signs checked (R. Landau, How to tangle with a nested radical, 1994).
     *
     * @return self|null null where none is found
     */
    public function squareRoot(): ?self
    {
        $rational = $this->toRational();
        if ($rational !== null) {
            return self::rootOf($rational);
        }
        if (!$this->isReal()) {
            return null;
        }
        if ($this->sign() < 0) {
            $root = $this->negated()->squareRoot();

            return $root?->times(new self([-1 => Rational::one()]));
        }
        foreach ($this->atoms() as $atom) {
            $conjugate = $this->conjugate($atom);
            $without = $this->plus($conjugate)->halved();
            $norm = $this->times($conjugate);
            if (!$norm->isReal() || $norm->sign() < 0 || \count($norm->atoms()) >= \count($this->atoms())) {
                continue;
            }
            $difference = $norm->squareRoot();
            // A new root in it would only be handed on from one to the next.
            $difference = $difference !== null && \count($difference->atoms()) < \count($this->atoms())
                ? $difference
                : null;
            $first = $difference === null ? null : $without->plus($difference)->halved()->squareRoot();
            $second = $difference === null ? null : $without->minus($difference)->halved()->squareRoot();
            foreach ($first === null || $second === null ? [] : [
                $first->plus($second),
                $first->minus($second),
            ] as $candidate) {
                if ($candidate->isReal() && $candidate->times($candidate)->equals($this)) {
                    return $candidate->sign() < 0 ? $candidate->negated() : $candidate;
                }
            }
        }

        return null;
    }

    public function isZero(): bool
    {
        return $this->parts === [];
    }

    public function isReal(): bool
    {
        return array_filter(array_keys($this->parts), static fn(int $radicand): bool => $radicand < 0) === [];
    }

    public function toRational(): ?Rational
    {
        return match (array_keys($this->parts)) {
            [] => Rational::zero(),
            [1] => $this->parts[1],
            default => null,
        };
    }

    public function equals(self $other): bool
    {
        return $this->minus($other)->isZero();
    }

    /**
     * @return int −1, 0 or 1
     *
     * @throws NoExactValue when it is not real
     */
    public function sign(): int
    {
        if (!$this->isReal()) {
            throw new NoExactValue("$this is not real");
        }
        if ($this->parts === []) {
            return 0;
        }
        // Each part is right to some 15 digits; where their sum is far larger than what may be wrong, it decides.
        $sum = $sizes = 0.0;
        foreach ($this->parts as $radicand => $coefficient) {
            $part = $coefficient->toFloat() * sqrt($radicand);
            $sum += $part;
            $sizes += abs($part);
        }
        if (is_finite($sizes) && abs($sum) > self::CERTAIN * $sizes) {
            return $sum < 0 ? -1 : 1;
        }
        for ($digits = self::FIRST_PRECISION; $digits <= self::LAST_PRECISION; $digits *= 2) {
            [$low, $high] = $this->between($digits);
            if ($low->isPositive()) {
                return 1;
            }
            if ($high->isNegative()) {
                return -1;
            }
        }
        throw new NoExactValue("the sign of $this");
    }

    /** @throws NoExactValue when one of the two is not real */
    public function compareTo(self $other): int
    {
        return $this->minus($other)->sign();
    }

    /** The part without i. */
    public function realPart(): self
    {
        return new self(
            array_filter($this->parts, static fn(int $radicand): bool => $radicand > 0, \ARRAY_FILTER_USE_KEY),
        );
    }

    /** What i is multiplied by. */
    public function imaginaryPart(): self
    {
        $parts = [];
        foreach ($this->parts as $radicand => $coefficient) {
            if ($radicand < 0) {
                $parts[-$radicand] = $coefficient;
            }
        }

        return new self($parts);
    }

    /**
     * Correctly rounded, halves away from zero, as in −3.14; always with the number of places asked for.
     *
     * @throws NoExactValue when it is not real
     */
    public function toDecimal(int $places): string
    {
        $rational = $this->toRational();
        if ($rational !== null) {
            return (string) BigRational::of((string) $rational)->toScale($places, RoundingMode::HALF_UP);
        }
        if (!$this->isReal()) {
            throw new NoExactValue("$this is not real");
        }
        // An irrational number never lies half-way, so its two bounds agree once they are close enough.
        for ($digits = $places + self::FIRST_PRECISION; $digits <= self::LAST_PRECISION; $digits *= 2) {
            [$low, $high] = array_map(
                static fn(BigInteger $bound): string => (string) BigRational::nd(
                    $bound,
                    BigInteger::of(10)->power($digits),
                )->toScale($places, RoundingMode::HALF_UP),
                $this->between($digits),
            );
            if ($low === $high) {
                return preg_match('/^-0(\.0*)?$/', $low) === 1 ? substr($low, 1) : $low;
            }
        }
        throw new NoExactValue("a decimal of $this");
    }

    /**
     * Correctly rounded to so many significant figures: 0.00408, 37.0, 4200.
     *
     * @throws NoExactValue when it is not real
     */
    public function toFigures(int $figures): string
    {
        $size = abs($this->toFloat());
        if ($size === 0.0) {
            return $this->toDecimal(0);
        }
        $places = $figures - 1 - (int) floor(log10($size));
        $decimal = $this->toScale($places);
        // 9.996 becomes 10.0: one figure more, one place less.
        $digits = \strlen(ltrim((string) preg_replace('/\D/', '', $decimal), '0'));

        return $places > 0 && $digits > $figures ? $this->toScale($places - 1) : $decimal;
    }

    /** @param int $places fewer than none are powers of ten */
    private function toScale(int $places): string
    {
        if ($places >= 0) {
            return $this->toDecimal($places);
        }
        $power = Rational::of(10 ** -$places);
        $tens = $this->times(self::rational($power->reciprocal()))->toDecimal(0);

        return $tens . ($tens === '0' ? '' : str_repeat('0', -$places));
    }

    public function toFloat(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $radicand => $coefficient) {
            $sum += $coefficient->toFloat() * sqrt($radicand);
        }

        return $sum;
    }

    /** As in 7/2+1/2*sqrt(29). */
    public function __toString(): string
    {
        $text = '';
        foreach ($this->parts as $radicand => $coefficient) {
            $text .= ($text === '' || $coefficient->isNegative() ? '' : '+')
                . $coefficient
                . ($radicand === 1 ? '' : "*sqrt($radicand)");
        }

        return $text === '' ? '0' : $text;
    }

    private function halved(): self
    {
        return new self(array_map(static fn(Rational $part): Rational => $part->times(
            Rational::fraction(1, 2),
        ), $this->parts));
    }

    /**
     * Whole numbers, each sharing no factor with another, of which all radicands are products; −1 among them where
     * there is an i. Each gives an automorphism: the root of it turns its sign.
     *
     * @return list<int>
     */
    private function atoms(): array
    {
        $atoms = [];
        $left = array_map(abs(...), array_keys($this->parts));
        while (($next = array_pop($left)) !== null) {
            if ($next === 1) {
                continue;
            }
            foreach ($atoms as $place => $atom) {
                $common = Integers::gcd($atom, $next);
                if ($common > 1) {
                    unset($atoms[$place]);
                    array_push($left, $common, intdiv($atom, $common), intdiv($next, $common));
                    continue 2;
                }
            }
            $atoms[] = $next;
        }

        return array_values($this->isReal() ? $atoms : [-1, ...$atoms]);
    }

    private function conjugate(int $atom): self
    {
        $parts = [];
        foreach ($this->parts as $radicand => $coefficient) {
            $turns = $atom === -1 ? $radicand < 0 : $radicand % $atom === 0;
            $parts[$radicand] = $turns ? $coefficient->negated() : $coefficient;
        }

        return new self($parts);
    }

    /**
     * √m·√n as f√k.
     *
     * @return array{int, int} k and f
     */
    private static function rootProduct(int $left, int $right): array
    {
        $common = Integers::gcd($left, $right);
        /** @var int|float $radicand */
        $radicand = intdiv($left, $common) * intdiv($right, $common);
        if (!\is_int($radicand)) {
            throw new NoExactValue('a radicand of more than 18 digits');
        }
        // i·i is −1; dividing both by their common factor has made the two minus signs cancel.
        return [$radicand, $left < 0 && $right < 0 ? -$common : $common];
    }

    /**
     * Two whole numbers between which 10^digits times this lies.
     *
     * @return array{BigInteger, BigInteger}
     */
    private function between(int $digits): array
    {
        $scale = BigInteger::of(10)->power($digits);
        $low = $high = BigInteger::zero();
        foreach ($this->parts as $radicand => $coefficient) {
            $exact = BigRational::of((string) $coefficient);
            $denominator = $exact->getDenominator();
            $numerator = $exact->getNumerator()->multipliedBy($scale);
            if ($radicand === 1) {
                $floor = $ceiling = $numerator;
            } else {
                $root = $numerator->multipliedBy($numerator)->multipliedBy($radicand)->sqrt();
                [$floor, $ceiling] = $numerator->isNegative() ? [
                    $root->plus(1)->negated(),
                    $root->negated(),
                ] : [$root, $root->plus(1)];
            }
            $low = $low->plus($floor->dividedBy($denominator, RoundingMode::FLOOR));
            $high = $high->plus($ceiling->dividedBy($denominator, RoundingMode::CEILING));
        }

        return [$low, $high];
    }
}
