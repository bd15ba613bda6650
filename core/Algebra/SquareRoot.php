<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Integers;
use Runel\Number\Rational;

/** The square root of a positive fraction, simplified: coefficient times the root of a square-free whole number. */
final readonly class SquareRoot
{
    /** Larger than this, squares are not looked for. */
    private const LARGEST = 1e12;
    /** More splittings than these are not written. */
    private const MOST_TRIED = 6;

    private function __construct(
        private Rational $radicand,
        public Rational $coefficient,
        public int $inside,
        private bool $imaginary = false,
        public bool $isSplit = false,
        private bool $isKept = false,
    ) {}

    /** The same with a root left below the line, where there would be one: √3/√5. */
    public function split(): self
    {
        return new self($this->radicand, $this->coefficient, $this->inside, $this->imaginary, $this->hasRootBelow());
    }

    /** The same left as it is, where a fraction stands under it and a root would be left below: √(3/5), √0.6. */
    public function kept(): self
    {
        return new self(
            $this->radicand,
            $this->coefficient,
            $this->inside,
            $this->imaginary,
            isKept: $this->hasRootBelow(),
        );
    }

    /** Whether root over root has a root below. */
    private function hasRootBelow(): bool
    {
        $bottom = $this->radicand->denominator()->toInt() ?? 1;

        return !$this->imaginary && Integers::squareRoot($bottom) === null;
    }

    /** The root of the opposite number: the same times i. */
    public function ofOpposite(): self
    {
        return new self($this->radicand, $this->coefficient, $this->inside, true);
    }

    /** The number whose square is −1. */
    public static function i(): Root
    {
        return new Root(new Negative(Numeral::of(1)), 2);
    }

    /** @return self|null null where the numbers are too large to look for squares in them */
    public static function of(Rational $radicand): ?self
    {
        $top = $radicand->numerator()->toInt();
        $bottom = $radicand->denominator()->toInt();
        if ($top === null || $bottom === null || $top <= 0 || (float) $top * $bottom > self::LARGEST) {
            return null;
        }
        $product = $top * $bottom;
        // √(n/d) = √(nd)/d.
        [$outside, $inside] = Integers::squareFreePart($product);

        $coefficient = Rational::fraction($outside, $bottom);

        return new self($radicand, $inside === 1 ? $coefficient->like($radicand) : $coefficient, $inside);
    }

    /**
     * A root that is simplified already, as large as it may be.
     *
     * @param Rational $coefficient positive
     * @param int      $inside      positive and square-free
     */
    public static function simple(Rational $coefficient, int $inside): self
    {
        return new self($coefficient->times($coefficient)->times(Rational::of($inside)), $coefficient, $inside);
    }

    public function isImaginary(): bool
    {
        return $this->imaginary;
    }

    public function isRational(): bool
    {
        return $this->inside === 1 && !$this->imaginary;
    }

    /** √D as it stands before it is simplified. */
    public function written(): Expression
    {
        return new Root(Numeral::of($this->imaginary ? $this->radicand->negated() : $this->radicand), 2);
    }

    /** q√m, or q. */
    public function simplified(): Expression
    {
        return match (true) {
            $this->isKept => $this->written(),
            $this->isSplit => $this->overRoot(),
            default => $this->times($this->coefficient),
        };
    }

    /**
     * What is written from the root to its value: largest square out, root over root, denominator made rational.
     *
     * @return list<array{Expression, Expression}> what equals what; none where nothing is done
     */
    public function simplification(): array
    {
        if ($this->isKept) {
            return [];
        }
        $chain = [new Root(Numeral::of($this->radicand), 2)];
        // The root of a decimal that comes out is a decimal.
        if ($this->coefficient->decimal() === null) {
            array_push($chain, ...$this->between());
        }
        $chain[] = $this->isSplit ? $this->overRoot() : self::real($this->coefficient, $this->inside);
        $equal = $this->imaginary ? [[$this->written(), Product::of([self::i(), $chain[0]])]] : [];
        $before = $chain[0];
        foreach (\array_slice($chain, 1) as $next) {
            if (!$before->equals($next)) {
                $equal[] = [$before, $next];
                $before = $next;
            }
        }

        return $equal;
    }

    /**
     * The ways to split a whole radicand in two that are tried until one part is the largest square in it.
     *
     * @return list<array{int, int}> the last is the right one; none where the first is, or where they are many
     */
    public function splittings(): array
    {
        $number = $this->radicand->toInt() ?? 1;
        [$outside, $inside] = Integers::squareFreePart($number);
        if ($this->isKept || $outside === 1 || $inside === 1) {
            return [];
        }
        $tried = [];
        for ($part = 2; \count($tried) < self::MOST_TRIED && $part * $part <= $number; ++$part) {
            if ($number % $part === 0) {
                $tried[] = [$part, intdiv($number, $part)];
                if (\in_array($outside ** 2, [$part, intdiv($number, $part)], true)) {
                    return \count($tried) > 1 ? $tried : [];
                }
            }
        }

        return [];
    }

    /** @return list<Expression> */
    private function between(): array
    {
        $top = $this->radicand->numerator()->toInt() ?? 1;
        $bottom = $this->radicand->denominator()->toInt() ?? 1;
        $root = static fn(int $number): Root => new Root(Numeral::of($number), 2);
        $chain = $this->radicand->decimal() === null ? [] : [new Root(Numeral::of($this->radicand->plain()), 2)];
        if ($bottom === 1) {
            [$outside, $inside] = Integers::squareFreePart($top);
            if ($outside > 1 && $inside > 1) {
                $chain[] = new Root(Product::apart([Numeral::of($outside ** 2), Numeral::of($inside)]), 2);
            }
        } else {
            $chain[] = new Quotient($root($top), $root($bottom));
            if ($this->isSplit) {
                return $chain;
            }
            if (Integers::squareRoot($bottom) === null) {
                // Top and bottom times the root below: then no root is left there.
                $chain[] = new Quotient(
                    Product::apart([$root($top), $root($bottom)]),
                    Product::apart([$root($bottom), $root($bottom)]),
                );
                $chain[] = new Quotient($root($top * $bottom), Numeral::of($bottom));
            } elseif ($this->inside > 1 && Integers::squareFreePart($top)[0] > 1) {
                [$outside, $inside] = Integers::squareFreePart($top);
                $chain[] = new Quotient(
                    Product::of([Numeral::of($outside), $root($inside)]),
                    Numeral::of(Integers::squareRoot($bottom)),
                );
            }
        }

        return $chain;
    }

    /**
     * m + q√n or m − q√n, over one denominator or apart.
     *
     * @return Expression the two in one fraction, or each by itself
     */
    public function beside(Rational $number, bool $minus, bool $combined): Expression
    {
        $combined = $combined && !$this->isKept && !$this->isSplit;
        if ($number->isZero()) {
            return $this->simplified()->signed($minus);
        }
        $first = $number->denominator()->toInt();
        $second = $this->coefficient->denominator()->toInt();
        if (!$combined || $first === null || $second === null || ($first === 1 && $second === 1)) {
            return Sum::of([Numeral::of($number), $this->simplified()->signed($minus)]);
        }
        $common = Integers::lcm($first, $second);
        $scale = Rational::of($common);

        return new Quotient(Sum::of([
            Numeral::of($number->times($scale)),
            $this->times($this->coefficient->times($scale))->signed($minus),
        ]), Numeral::of($common));
    }

    /** Root over root, each with what comes out of it: 2√3/√5. */
    private function overRoot(): Expression
    {
        $root = static function (int $number): Expression {
            [$outside, $inside] = Integers::squareFreePart($number);

            return self::real(Rational::of($outside), $inside);
        };

        return new Quotient(
            $root($this->radicand->numerator()->toInt() ?? 1),
            $root($this->radicand->denominator()->toInt() ?? 1),
        );
    }

    private function times(Rational $coefficient): Expression
    {
        $size = self::real($coefficient, $this->inside);
        if (!$this->imaginary) {
            return $size;
        }
        $top = $size->above();
        $factors = $top->factors();
        $number = $factors[0] instanceof Numeral ? [$factors[0]] : [];
        $roots = \array_slice($factors, \count($number));
        // A 1 before i is not written, and i stands before a root, where it cannot be read under it.
        $number = $number !== [] && $number[0]->isOne() ? [] : $number;
        $written = Product::of([...$number, self::i(), ...$roots]);

        return $size->withAbove($written);
    }

    private static function real(Rational $coefficient, int $inside): Expression
    {
        if ($inside === 1) {
            return Numeral::of($coefficient);
        }
        $root = new Root(Numeral::of($inside), 2);
        $top = $coefficient->numerator();
        $size = Product::withFront(Numeral::of($top), $root);

        return $coefficient->isInteger() ? $size : new Quotient($size, Numeral::of($coefficient->denominator()));
    }
}
