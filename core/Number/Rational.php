<?php

declare(strict_types=1);

namespace Runel\Number;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\Exception\RoundingNecessaryException;

/**
 * An exact fraction, always in lowest terms with a positive denominator.
 *
 * School numbers fit a machine integer, so they are kept as two of them; whatever
 * outgrows that moves to brick/math without anybody noticing.
 */
final readonly class Rational implements \Stringable
{
    /** A decimal with more characters than this is written as a fraction after all. */
    private const LONGEST_DECIMAL = 24;
    private const LARGEST_SMALL = 1000;

    /** @param bool $decimal whether it comes from a number typed as a decimal, and is written as one where it can be */
    private function __construct(
        private int $top,
        private int $bottom,
        private ?BigRational $big = null,
        private bool $decimal = false,
    ) {}

    /** Small ones are there once: most numbers of a lesson are among them, and nobody tells two alike apart. */
    public static function of(int $whole): self
    {
        /** @var array<int, self> $small */
        static $small = [];

        return $whole < self::LARGEST_SMALL && $whole > -self::LARGEST_SMALL
            ? $small[$whole] ??= new self($whole, 1)
            : new self($whole, 1);
    }

    public static function zero(): self
    {
        return self::of(0);
    }

    public static function one(): self
    {
        return self::of(1);
    }

    /** @throws DivisionByZero when the denominator is 0 */
    public static function fraction(int $numerator, int $denominator): self
    {
        if ($denominator === 0) {
            throw new DivisionByZero();
        }

        return self::reduced($numerator, $denominator);
    }

    /** Reads digits, with an optional sign and an optional decimal point, exactly: 0.25 is 1/4. */
    public static function ofDecimal(string $digits): self
    {
        if (\strlen($digits) < 18 && preg_match('/^-?\d+$/', $digits) === 1) {
            return self::of((int) $digits);
        }

        return self::fromBig(BigRational::of($digits));
    }

    /** The same number, to be written as a decimal where it can be: so are all numbers worked out with it. */
    public function asDecimal(): self
    {
        return $this->decimal ? $this : new self($this->top, $this->bottom, $this->big, true);
    }

    /** The same number, written as a fraction where it is not whole. */
    public function plain(): self
    {
        return $this->decimal ? new self($this->top, $this->bottom, $this->big) : $this;
    }

    /** The same number, written as the other one is. */
    public function like(self $other): self
    {
        return $other->decimal ? $this->asDecimal() : $this;
    }

    public function isDecimal(): bool
    {
        return $this->decimal;
    }

    /** Digits with a point, for a number that comes from a decimal, is not whole, and ends; null for any other. */
    public function decimal(): ?string
    {
        if (!$this->decimal || $this->isInteger()) {
            return null;
        }
        try {
            $written = (string) $this->toBig()->toBigDecimal();
        } catch (RoundingNecessaryException) {
            return null;
        }

        return \strlen($written) > self::LONGEST_DECIMAL ? null : $written;
    }

    public function plus(self $other): self
    {
        // Most numbers are whole and small: they take no further call.
        if ($this->bottom === 1 && $other->bottom === 1 && $this->big === null && $other->big === null) {
            /** @var int|float $sum */
            $sum = $this->top + $other->top;
            if (\is_int($sum)) {
                return $this->decimal || $other->decimal ? new self($sum, 1, null, true) : self::of($sum);
            }
        }

        return $this->decimal || $other->decimal ? $this->sum($other)->asDecimal() : $this->sum($other);
    }

    private function sum(self $other): self
    {
        if ($this->big === null && $other->big === null) {
            /** @var int|float $numerator */
            $numerator = $this->top * $other->bottom + $other->top * $this->bottom;
            /** @var int|float $denominator */
            $denominator = $this->bottom * $other->bottom;
            if (\is_int($numerator) && \is_int($denominator)) {
                return self::reduced($numerator, $denominator);
            }
        }

        return self::fromBig($this->toBig()->plus($other->toBig()));
    }

    public function minus(self $other): self
    {
        return $this->plus($other->negated());
    }

    public function times(self $other): self
    {
        if ($this->bottom === 1 && $other->bottom === 1 && $this->big === null && $other->big === null) {
            /** @var int|float $product */
            $product = $this->top * $other->top;
            if (\is_int($product)) {
                return $this->decimal || $other->decimal ? new self($product, 1, null, true) : self::of($product);
            }
        }

        return $this->decimal || $other->decimal ? $this->product($other)->asDecimal() : $this->product($other);
    }

    private function product(self $other): self
    {
        if ($this->big === null && $other->big === null) {
            /** @var int|float $numerator */
            $numerator = $this->top * $other->top;
            /** @var int|float $denominator */
            $denominator = $this->bottom * $other->bottom;
            if (\is_int($numerator) && \is_int($denominator)) {
                return self::reduced($numerator, $denominator);
            }
        }

        return self::fromBig($this->toBig()->multipliedBy($other->toBig()));
    }

    /** @throws DivisionByZero when the divisor is 0 */
    public function dividedBy(self $other): self
    {
        return $this->times($other->reciprocal());
    }

    /** @throws DivisionByZero when this is 0 */
    public function reciprocal(): self
    {
        if ($this->isZero()) {
            throw new DivisionByZero();
        }
        $reciprocal = $this->big !== null
            ? self::fromBig($this->big->reciprocal())
            : self::reduced($this->bottom, $this->top);

        return $reciprocal->like($this);
    }

    public function negated(): self
    {
        if ($this->big === null && $this->top !== \PHP_INT_MIN) {
            return $this->bottom === 1 && !$this->decimal
                ? self::of(-$this->top)
                : new self(-$this->top, $this->bottom, null, $this->decimal);
        }

        return self::fromBig($this->toBig()->negated())->like($this);
    }

    public function absolute(): self
    {
        return $this->isNegative() ? $this->negated() : $this;
    }

    /** @throws DivisionByZero when 0 is raised to a negative exponent */
    public function power(int $exponent): self
    {
        if ($exponent < 0) {
            return $this->reciprocal()->power(-$exponent);
        }
        if ($exponent === 0) {
            return self::one();
        }
        $result = null;
        $square = $this;
        for ($left = $exponent; $left > 0; $left >>= 1) {
            if (($left & 1) === 1) {
                $result = $result === null ? $square : $result->times($square);
            }
            if ($left > 1) {
                $square = $square->times($square);
            }
        }

        return $result ?? $this;
    }

    public function isZero(): bool
    {
        return $this->big === null && $this->top === 0;
    }

    public function isOne(): bool
    {
        return $this->big === null && $this->top === 1 && $this->bottom === 1;
    }

    public function isNegative(): bool
    {
        return $this->big === null ? $this->top < 0 : $this->big->isNegative();
    }

    public function isInteger(): bool
    {
        return $this->big === null ? $this->bottom === 1 : $this->big->getDenominator()->isEqualTo(1);
    }

    public function equals(self $other): bool
    {
        if ($this->big === null || $other->big === null) {
            return $this->big === $other->big && $this->top === $other->top && $this->bottom === $other->bottom;
        }

        return $this->big->isEqualTo($other->big);
    }

    /** @return int negative, 0 or positive, as this is less than, equal to or greater than the other */
    public function compareTo(self $other): int
    {
        $difference = $this->minus($other);

        return $difference->isZero() ? 0 : ($difference->isNegative() ? -1 : 1);
    }

    public function numerator(): self
    {
        return $this->big === null ? self::of($this->top) : self::fromBig(BigRational::of(
            $this->big->getNumerator(),
        ));
    }

    public function denominator(): self
    {
        return $this->big === null ? self::of($this->bottom) : self::fromBig(BigRational::of(
            $this->big->getDenominator(),
        ));
    }

    /** The value as a machine integer, or null when it is a fraction or does not fit. */
    public function toInt(): ?int
    {
        return $this->big === null && $this->bottom === 1 ? $this->top : null;
    }

    public function toFloat(): float
    {
        return $this->big === null ? $this->top / $this->bottom : $this->big->toFloat();
    }

    /** How many digits the longer of numerator and denominator has. */
    public function length(): int
    {
        if ($this->big === null) {
            return max(\strlen((string) $this->top) - ($this->top < 0 ? 1 : 0), \strlen((string) $this->bottom));
        }
        $top = ltrim((string) $this->numerator(), '-');
        $bottom = (string) $this->denominator();

        return max(\strlen($top), \strlen($bottom));
    }

    /**
     * The greatest common divisor in the sense of fractions: the largest positive rational
     * that goes into both a whole number of times. That of 0 and x is |x|.
     */
    public function commonDivisor(self $other): self
    {
        return $this->divisor($other)->like($this)->like($other);
    }

    private function divisor(self $other): self
    {
        if ($this->isZero()) {
            return $other->absolute();
        }
        if ($other->isZero()) {
            return $this->absolute();
        }
        if (
            $this->big === null
            && $other->big === null
            && $this->bottom === 1
            && $other->bottom === 1
            && $this->top !== \PHP_INT_MIN
            && $other->top !== \PHP_INT_MIN
        ) {
            return self::of(Integers::gcd($this->top, $other->top));
        }
        $numerator = self::whole($this->numerator())->gcd(self::whole($other->numerator()));
        $first = self::whole($this->denominator());
        $second = self::whole($other->denominator());
        $denominator = $first->multipliedBy($second)->quotient($first->gcd($second));

        return self::fromBig(BigRational::nd($numerator, $denominator));
    }

    /** The exact square root of a perfect square, or null when there is none. */
    public function squareRoot(): ?self
    {
        return $this->root()?->like($this);
    }

    private function root(): ?self
    {
        if ($this->isNegative()) {
            return null;
        }
        if ($this->big === null) {
            $top = Integers::squareRoot($this->top);
            $bottom = Integers::squareRoot($this->bottom);

            return $top === null || $bottom === null ? null : new self($top, $bottom);
        }
        $numerator = self::whole($this->numerator());
        $denominator = self::whole($this->denominator());
        $top = $numerator->sqrt();
        $bottom = $denominator->sqrt();
        if (
            !$top->multipliedBy($top)->isEqualTo($numerator)
            || !$bottom->multipliedBy($bottom)->isEqualTo($denominator)
        ) {
            return null;
        }

        return self::fromBig(BigRational::nd($top, $bottom));
    }

    /** What has this number for its power, where that is a fraction; of an even index the one that is not negative. */
    public function exactRoot(int $index): ?self
    {
        $roots = [];
        foreach ([$this->absolute()->numerator()->toInt(), $this->denominator()->toInt()] as $part) {
            $root = $part === null ? null : (int) round($part ** (1 / $index));
            if ($root === null || !self::of($root)->power($index)->equals(self::of((int) $part))) {
                return null;
            }
            $roots[] = $root;
        }
        $size = self::fraction($roots[0], $roots[1]);

        return match (true) {
            !$this->isNegative() => $size,
            $index % 2 === 1 => $size->negated(),
            default => null,
        };
    }

    /** Lowest terms with a slash, as in -7/3; whole numbers without one. */
    public function __toString(): string
    {
        if ($this->big !== null) {
            return (string) $this->big;
        }

        return $this->bottom === 1 ? (string) $this->top : $this->top . '/' . $this->bottom;
    }

    private static function reduced(int $numerator, int $denominator): self
    {
        if ($numerator === \PHP_INT_MIN || $denominator === \PHP_INT_MIN) {
            return self::fromBig(BigRational::nd($numerator, $denominator));
        }
        if ($denominator < 0) {
            $numerator = -$numerator;
            $denominator = -$denominator;
        }
        if ($denominator !== 1) {
            $divisor = Integers::gcd($numerator, $denominator);
            $numerator = intdiv($numerator, $divisor);
            $denominator = intdiv($denominator, $divisor);
        }

        return new self($numerator, $denominator);
    }

    private static function whole(self $value): BigInteger
    {
        return $value->toBig()->getNumerator();
    }

    private function toBig(): BigRational
    {
        return $this->big ?? BigRational::nd($this->top, $this->bottom);
    }

    private static function fromBig(BigRational $value): self
    {
        $value = $value->simplified();
        $numerator = $value->getNumerator();
        $denominator = $value->getDenominator();
        if (self::isSmall($numerator) && self::isSmall($denominator)) {
            return new self($numerator->toInt(), $denominator->toInt());
        }

        return new self(0, 1, $value);
    }

    /** Whether it fits a machine integer: told by its digits, which is far quicker than by its bits. */
    private static function isSmall(BigInteger $whole): bool
    {
        $digits = (string) $whole;
        $limit = (string) ($digits[0] === '-' ? \PHP_INT_MIN : \PHP_INT_MAX);

        return \strlen($digits) < \strlen($limit)
            || (\strlen($digits) === \strlen($limit) && strcmp($digits, $limit) <= 0);
    }
}
