<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\TestCase;
use Runel\Number\DivisionByZero;
use Runel\Number\Integers;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/** The fractions with square roots adjoined: a field, with exact signs, denesting and correctly rounded decimals. */
final class SurdTest extends TestCase
{
    /** Digits with which brick/math works the same out as a second opinion. */
    private const DIGITS = 60;

    public function testIsAField(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(200); ++$seed) {
            $chance = new Chance($seed);
            [$a, $b, $c] = [$this->surd($chance, 3), $this->surd($chance, 3), $this->surd($chance, 2)];
            self::assertTrue($a->plus($b)->equals($b->plus($a)), "seed $seed");
            self::assertTrue($a->times($b)->equals($b->times($a)), "seed $seed");
            self::assertTrue($a->times($b->plus($c))->equals($a->times($b)->plus($a->times($c))), "seed $seed");
            self::assertTrue($a->minus($a)->isZero());
            self::assertTrue($a->realPart()->plus($this->imaginary($a->imaginaryPart()))->equals($a), "seed $seed");
            if (!$a->isZero()) {
                self::assertTrue($a->times($a->reciprocal())->equals(Surd::rational(1)), "seed $seed: $a");
                self::assertTrue($b->dividedBy($a)->times($a)->equals($b), "seed $seed");
            }
        }
        $this->expectException(DivisionByZero::class);
        Surd::rational(0)->reciprocal();
    }

    public function testRootsSquareBack(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(150); ++$seed) {
            $chance = new Chance($seed);
            $value = Rational::fraction($chance->dice->getInt(-5000, 5000), $chance->dice->getInt(1, 60));
            $root = Surd::rootOf($value);
            self::assertTrue($root->times($root)->equals(Surd::rational($value)), "the root of $value is $root");
            foreach (array_keys($root->parts) as $radicand) {
                $size = abs($radicand);
                self::assertSame([1, $size], Integers::squareFreePart($size), "$size is square-free");
            }
        }
    }

    /** Whatever is a square of such a number is denested to the root that is not negative. */
    public function testDenestsWhatCanBeDenested(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(300); ++$seed) {
            $chance = new Chance($seed);
            $number = $this->surd($chance, $seed % 3 === 0 ? 3 : 2, real: true);
            $root = $number->times($number)->squareRoot();
            self::assertNotNull($root, "seed $seed: $number");
            self::assertTrue($root->equals(
                $number->sign() < 0 ? $number->negated() : $number,
            ), "seed $seed: $number, $root");
        }
        self::assertNull(Surd::rational(1)->plus(
            Surd::rootOf(Rational::of(5)),
        )->squareRoot(), 'nothing denests this one');
        $negative = Surd::rational(-3)->minus(Surd::rootOf(Rational::of(8)))->squareRoot();
        self::assertTrue($negative?->equals($this->imaginary(Surd::rational(1)->plus(Surd::rootOf(Rational::of(2))))));
    }

    public function testSignsAndDecimalsAgreeWithSixtyDigits(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(60); ++$seed) {
            $chance = new Chance($seed);
            $number = $this->surd($chance, 3, real: true);
            $exact = $this->decimal($number);
            self::assertSame(
                $exact->isZero() ? 0 : ($exact->isNegative() ? -1 : 1),
                $number->sign(),
                "seed $seed: $number",
            );
            foreach ([0, 2, 6, 20] as $places) {
                $rounded = (string) $exact->toScale($places, RoundingMode::HALF_UP);
                self::assertSame(preg_replace(
                    '/^-(0(\.0*)?)$/',
                    '$1',
                    $rounded,
                ), $number->toDecimal($places), "$number");
            }
            self::assertEqualsWithDelta($exact->toFloat(), $number->toFloat(), 1e-9 * max(1, abs($exact->toFloat())));
        }
    }

    public function testTheHardCases(): void
    {
        $root = static fn(int $number): Surd => Surd::rootOf(Rational::of($number));
        // √2 + √3 − √(5 + 2√6) is 0, and a hair more than it is not.
        $nested = Surd::rational(5)->plus($root(24))->squareRoot();
        self::assertNotNull($nested);
        self::assertSame(0, $root(2)->plus($root(3))->minus($nested)->sign());
        $hair = Surd::rational(Rational::fraction(1, 10)->power(18));
        self::assertSame(1, $root(2)->plus($root(3))->minus($nested)->plus($hair)->sign());
        // 1 000 000 − √999 999 999 999 differs from 0 only in the seventh place.
        self::assertSame(1, Surd::rational(1_000_000)->minus($root(999_999_999_999))->sign());
        self::assertSame('0.0000005', Surd::rational(1_000_000)->minus($root(999_999_999_999))->toDecimal(7));
        self::assertSame('-0.13', Surd::rational(Rational::fraction(-1, 8))->toDecimal(2), 'halves go away from 0');
        self::assertSame('0.00', $root(2)->minus(Surd::rational(
            Rational::fraction(14143, 10000),
        ))->toDecimal(2), 'no −0');
        self::assertTrue($root(-4)->times($root(-9))->equals(Surd::rational(-6)), 'i·i is −1');
        foreach ([static fn(): int => $root(-1)->sign(), static fn(): string => $root(-2)->toDecimal(2)] as $unreal) {
            try {
                $unreal();
                self::fail('what is not real has neither sign nor decimal');
            } catch (NoExactValue $none) {
                self::assertStringContainsString('not real', $none->getMessage());
            }
        }
    }

    public function testSquaresAreTakenOutOfEveryNumber(): void
    {
        for ($number = 1; $number <= 3000; ++$number) {
            [$outside, $inside] = Integers::squareFreePart($number);
            self::assertSame($number, $outside * $outside * $inside);
            for ($square = 2; $square * $square <= $inside; ++$square) {
                self::assertNotSame(0, $inside % ($square * $square), "$number leaves $inside");
            }
            self::assertSame($inside, array_product(Integers::primes($inside)));
        }
        self::assertSame([999_983, 1], Integers::squareFreePart(999_983 * 999_983), 'the square of a large prime');
        $this->expectException(NoExactValue::class);
        Integers::squareFreePart(\PHP_INT_MAX);
    }

    private function imaginary(Surd $real): Surd
    {
        return $real->times(Surd::rootOf(Rational::of(-1)));
    }

    private function surd(Chance $chance, int $roots, bool $real = false): Surd
    {
        $surd = Surd::rational(Rational::fraction($chance->dice->getInt(-9, 9), $chance->dice->getInt(1, 6)));
        for (; $roots > 0; --$roots) {
            $radicand = $chance->one($real ? [2, 3, 5, 6, 7, 12, 15] : [2, 3, 5, 6, -1, -2, 10, 18]);
            $factor = Rational::fraction($chance->dice->getInt(-5, 5), $chance->dice->getInt(1, 4));
            $surd = $surd->plus(Surd::rootOf(Rational::of($radicand))->times(Surd::rational($factor)));
        }

        return $surd;
    }

    private function decimal(Surd $surd): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($surd->parts as $radicand => $coefficient) {
            $root = BigDecimal::of($radicand)->sqrt(self::DIGITS);
            $exact = BigRational::of((string) $coefficient);
            $sum = $sum->plus($root->multipliedBy(BigInteger::of((string) $exact->getNumerator()))
                ->dividedBy($exact->getDenominator(), self::DIGITS, RoundingMode::HALF_UP));
        }

        return $sum->toScale(self::DIGITS - 5, RoundingMode::HALF_UP);
    }
}
