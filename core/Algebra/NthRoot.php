<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Number\Integers;
use Runel\Number\Rational;

/** The root of a positive fraction with an index from 3 on, simplified: a number times the root of what is left. */
final readonly class NthRoot
{
    /** Larger than this, powers are not looked for. */
    private const LARGEST = 1e12;

    private function __construct(
        private Rational $radicand,
        public int $index,
        public Rational $coefficient,
        public int $inside,
    ) {}

    /** @return self|null null where the numbers are too large to look for powers in them */
    public static function of(Rational $radicand, int $index): ?self
    {
        $top = $radicand->numerator()->toInt();
        $bottom = $radicand->denominator()->toInt();
        $isTooLarge = $top === null || $bottom === null || $top <= 0
            || (float) $top * (float) $bottom ** ($index - 1) > self::LARGEST;
        if ($isTooLarge) {
            return null;
        }
        // The root of n/d is the root of n·d^(index − 1), over d.
        $left = $top * $bottom ** ($index - 1);
        $outside = 1;
        foreach (Integers::primePowers($left) as $prime => $count) {
            $outside *= $prime ** intdiv($count, $index);
            $left = intdiv($left, $prime ** ($count - $count % $index));
        }

        return new self($radicand, $index, Rational::fraction($outside, $bottom), $left);
    }

    public function isRational(): bool
    {
        return $this->inside === 1;
    }

    /** As it stands before it is simplified. */
    public function written(): Expression
    {
        return new Root(Numeral::of($this->radicand), $this->index);
    }

    public function simplified(): Expression
    {
        if ($this->inside === 1) {
            return Numeral::of($this->coefficient);
        }
        $root = new Root(Numeral::of($this->inside), $this->index);
        $top = $this->coefficient->numerator();
        $size = Product::withFront(Numeral::of($top), $root);

        return $this->coefficient->isInteger()
            ? $size
            : new Quotient($size, Numeral::of($this->coefficient->denominator()));
    }
}
