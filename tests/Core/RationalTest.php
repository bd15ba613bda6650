<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;

final class RationalTest extends TestCase
{
    /** Against brick/math itself, with numbers on both sides of where machine integers end. */
    public function testAgreesWithExactArithmeticOfAnySize(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(600); ++$seed) {
            $chance = new Chance($seed);
            [$first, $second] = [$this->number($chance), $this->number($chance)];
            [$a, $b] = [BigRational::of($first), BigRational::of($second)];
            [$x, $y] = [$this->read($first), $this->read($second)];
            foreach (['plus' => 'plus', 'minus' => 'minus', 'times' => 'multipliedBy'] as $own => $theirs) {
                $result = $x->{$own}($y);
                self::assertSame((string) $a->{$theirs}($b)->simplified(), (string) $result, "$first $own $second");
                self::assertTrue($result->equals(
                    $this->read((string) $result),
                ), "one value, one form: $first $own $second");
            }
            if (!$y->isZero()) {
                self::assertSame((string) $a->dividedBy($b)->simplified(), (string) $x->dividedBy($y));
            }
            self::assertSame($a->compareTo($b), $x->compareTo($y));
            self::assertSame((string) $a->negated()->simplified(), (string) $x->negated());
            self::assertTrue($x->times($x)->squareRoot()?->equals($x->absolute()));
        }
    }

    public function testDivisionByZeroHasNoValue(): void
    {
        $this->expectException(DivisionByZero::class);
        Rational::of(3)->dividedBy(Rational::zero());
    }

    private function read(string $written): Rational
    {
        [$numerator, $denominator] = explode('/', $written) + [1 => '1'];

        return Rational::ofDecimal($numerator)->dividedBy(Rational::ofDecimal($denominator));
    }

    private function number(Chance $chance): string
    {
        $whole = match ($chance->dice->getInt(0, 4)) {
            0 => (string) $chance->dice->getInt(-20, 20),
            1 => (string) $chance->dice->getInt(\PHP_INT_MAX - 5, \PHP_INT_MAX),
            2 => (string) $chance->dice->getInt(\PHP_INT_MIN, \PHP_INT_MIN + 5),
            3 => $chance->dice->getInt(1, 9) . str_repeat('7', $chance->dice->getInt(16, 30)),
            default => (string) $chance->dice->getInt(-4_000_000_000, 4_000_000_000),
        };

        return $chance->dice->getInt(0, 2) === 0 ? $whole . '/' . $chance->dice->getInt(1, 5_000_000_000) : $whole;
    }
}
