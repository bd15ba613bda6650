<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Limits;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Number\DivisionByZero;
use Runel\Number\Integers;
use Runel\Number\Rational;

/**
 * A number times powers of primes and of letters with fractions for exponents: what a term is in which roots stand.
 * Each such exponent is counted in parts of 1: with 6 parts, √x is x to 3 of them, ∛x to 2. No letter is negative.
 */
final readonly class RadicalTerm
{
    /** Of larger numbers no powers are looked for. */
    private const LARGEST = 1_000_000_000_000;

    /**
     * @param int                $parts   a multiple of the index of every root in it
     * @param array<int, int>    $primes  exponents in parts, each from 1 to below $parts
     * @param array<string, int> $letters exponents in parts, none 0
     */
    private function __construct(
        public int $parts,
        public Rational $coefficient,
        private array $primes,
        private array $letters,
    ) {}

    /** @return self|null null of a sum, of 0 below a line, of what has no real value, and of what is too large */
    public static function of(Expression $term, int $parts): ?self
    {
        $number = $term->number();

        return match (true) {
            // A decimal goes on as the fraction it is.
            $number !== null => self::from($parts, $number->numerator()->dividedBy($number->denominator()), [], []),
            $term instanceof Negative => self::of($term->operand, $parts)?->scaled(Rational::of(-1)),
            $term instanceof Letter => self::from($parts, Rational::one(), [], [$term->name => $parts]),
            $term instanceof Power => self::of($term->base, $parts)?->power($term->wholeExponent()),
            $term instanceof Product => self::product($term->factors, $parts),
            $term instanceof Quotient => self::product([
                $term->numerator,
                new Power($term->denominator, Numeral::of(-1)),
            ], $parts),
            $term instanceof Root => self::of($term->radicand, $parts)?->root($term->index),
            default => null,
        };
    }

    public function isZero(): bool
    {
        return $this->coefficient->isZero();
    }

    /** Whether the same roots and letters stand in both. */
    public function isLike(self $other): bool
    {
        return $this->primes === $other->primes && $this->letters === $other->letters;
    }

    /** @param self $other one like this */
    public function plus(self $other): self
    {
        return new self($this->parts, $this->coefficient->plus($other->coefficient), $this->primes, $this->letters);
    }

    public function times(self $other): self
    {
        return self::from(
            $this->parts,
            $this->coefficient->times($other->coefficient),
            self::added($this->primes, $other->primes),
            self::added($this->letters, $other->letters),
        );
    }

    public function power(?int $exponent): ?self
    {
        if ($exponent === null || abs($exponent) > Limits::DEGREE || ($exponent < 0 && $this->isZero())) {
            return null;
        }
        $times = static fn(int $own): int => $own * $exponent;
        try {
            $coefficient = $exponent < 0
                ? Rational::one()->dividedBy($this->coefficient)->power(-$exponent)
                : $this->coefficient->power($exponent);
        } catch (DivisionByZero) {
            return null;
        }

        return self::from(
            $this->parts,
            $coefficient,
            array_map($times, $this->primes),
            array_map($times, $this->letters),
        );
    }

    public function scaled(Rational $by): self
    {
        return new self($this->parts, $this->coefficient->times($by), $this->primes, $this->letters);
    }

    /** What stands outside of the root when it is written most simply, over what stands below the line. */
    public function outside(): self
    {
        $whole = fn(int $exponent): int => $this->parts * (int) floor($exponent / $this->parts);

        return new self($this->parts, $this->coefficient, [], array_filter(array_map($whole, $this->letters)));
    }

    /** What stands below the line, without any root: in whole powers. */
    public function below(): self
    {
        $outside = $this->outside();

        return new self($this->parts, $this->coefficient->denominator(), [], array_map(
            static fn(int $exponent): int => -$exponent,
            array_filter($outside->letters, static fn(int $exponent): bool => $exponent < 0),
        ));
    }

    /** The index of the root that is left, 1 where none is. */
    public function index(): int
    {
        $index = 1;
        foreach ([...array_values($this->primes), ...array_values($this->letters)] as $exponent) {
            $own = intdiv($this->parts, Integers::gcd($this->parts, abs($exponent)));
            $index = Integers::lcm($index, $own);
        }

        return $index;
    }

    /** Whether a root of a number is left whose index differs from those given. */
    public function mixesNumbers(int ...$indexes): bool
    {
        $left = new self($this->parts, Rational::one(), $this->primes, []);

        return $left->index() > 1 && !\in_array($left->index(), $indexes, true);
    }

    /** What stands under the root that is left; 1 where none is. */
    public function radicand(): Expression
    {
        $index = $this->index();
        $number = 1;
        foreach ($this->primes as $prime => $exponent) {
            $number *= $prime ** intdiv($exponent * $index, $this->parts);
        }
        $factors = $number === 1 ? [] : [Numeral::of($number)];
        foreach ($this->letters as $letter => $exponent) {
            $left = $exponent - $this->parts * (int) floor($exponent / $this->parts);
            if ($left > 0) {
                $factors[] = self::letterTo((string) $letter, intdiv($left * $index, $this->parts));
            }
        }

        return $factors === [] ? Numeral::of(1) : Product::of($factors);
    }

    /** Written most simply: every power that can be stands outside of the root, and no root below a line. */
    public function toExpression(): Expression
    {
        $size = $this->coefficient->absolute();
        $above = $size->numerator()->isOne() ? [] : [Numeral::of($size->numerator())];
        $below = $size->denominator()->isOne() ? [] : [Numeral::of($size->denominator())];
        foreach ($this->outside()->letters as $letter => $exponent) {
            $factor = self::letterTo((string) $letter, intdiv(abs($exponent), $this->parts));
            $exponent > 0 ? $above[] = $factor : $below[] = $factor;
        }
        $index = $this->index();
        $above = $index === 1 ? $above : [...$above, new Root($this->radicand(), $index)];
        $top = $above === [] ? Numeral::of(1) : Product::of($above);
        $written = $below === [] ? $top : new Quotient($top, Product::of($below));
        if ($this->isZero() || ($this->letters === [] && $this->primes === [])) {
            return Numeral::of($this->coefficient);
        }

        return $written->signed($this->coefficient->isNegative());
    }

    private function root(int $index): ?self
    {
        $isEven = $index % 2 === 0;
        $exponents = [...array_values($this->primes), ...array_values($this->letters)];
        $parts = array_filter($exponents, static fn(int $exponent): bool => $exponent % $index !== 0);
        $top = $this->coefficient->absolute()->numerator()->toInt() ?? self::LARGEST;
        $bottom = $this->coefficient->denominator()->toInt() ?? self::LARGEST;
        if ($parts !== [] || $this->parts % $index !== 0 || max($top, $bottom) >= self::LARGEST
            || $this->isZero() || ($isEven && $this->coefficient->isNegative())) {
            return null;
        }
        $divided = static fn(int $exponent): int => intdiv($exponent, $index);
        $own = fn(int $number, int $sign): array => array_map(
            fn(int $count): int => $sign * $count * intdiv($this->parts, $index),
            Integers::primePowers($number),
        );

        return self::from(
            $this->parts,
            Rational::of($this->coefficient->isNegative() ? -1 : 1),
            self::added(array_map($divided, $this->primes), self::added($own($top, 1), $own($bottom, -1))),
            array_map($divided, $this->letters),
        );
    }

    /** @param list<Expression> $factors */
    private static function product(array $factors, int $parts): ?self
    {
        $product = self::from($parts, Rational::one(), [], []);
        foreach ($factors as $factor) {
            $own = self::of($factor, $parts);
            if ($own === null) {
                return null;
            }
            $product = $product->times($own);
        }

        return $product;
    }

    /**
     * Whole powers of primes go into the number.
     *
     * @param array<int, int>    $primes
     * @param array<string, int> $letters
     */
    private static function from(int $parts, Rational $coefficient, array $primes, array $letters): self
    {
        $left = [];
        foreach ($primes as $prime => $exponent) {
            $whole = (int) floor($exponent / $parts);
            $power = Rational::of($prime)->power(abs($whole));
            $coefficient = $whole < 0 ? $coefficient->dividedBy($power) : $coefficient->times($power);
            $left[$prime] = $exponent - $parts * $whole;
        }
        $left = array_filter($left);
        $letters = array_filter($letters);
        ksort($left);
        ksort($letters);

        return new self($parts, $coefficient, $left, $letters);
    }

    /**
     * @template K of int|string
     *
     * @param array<K, int> $exponents
     * @param array<K, int> $others
     *
     * @return array<K, int>
     */
    private static function added(array $exponents, array $others): array
    {
        foreach ($others as $base => $exponent) {
            $exponents[$base] = ($exponents[$base] ?? 0) + $exponent;
        }

        return $exponents;
    }

    private static function letterTo(string $letter, int $exponent): Expression
    {
        return $exponent === 1 ? new Letter($letter) : new Power(new Letter($letter), Numeral::of($exponent));
    }
}
