<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Expression\Evaluation;
use Runel\Expression\Letter;
use Runel\Job\Jobs;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

final class ProblemTest extends TestCase
{
    /** @return iterable<array{string, list<string>}> */
    public static function recognised(): iterable
    {
        yield ['(5x-2)(3x+7)', ['multiply']];
        yield ['(x-2)^3', ['multiply']];
        yield ['3x·5x²', ['multiply', 'simplify']];
        yield ['3x+2y-x+5y', ['simplify']];
        yield ['(6x^2+9x)/(3x)', ['divide', 'simplify']];
        yield ['sqrt(12)+sqrt(27)', ['simplify']];
        yield ['6x^2+19x+10', ['factor', 'complete-square']];
        yield ['6x^2+19xy+10y^2', ['factor']];
        yield ['3(x^2-4)', ['factor', 'multiply', 'complete-square']];
        yield ['x²−10x+7=0', ['solve', 'factor', 'complete-square']];
        yield ['3x^2 = 12x - 20', ['solve', 'factor', 'complete-square']];
        yield ['(3x^3-11x^2+4)/(x-2)', ['divide']];
        yield ['(x+1)(x+2)+3', ['multiply', 'factor', 'complete-square']];
        yield ['2(x+1)(x-3)+5=x', ['solve', 'factor', 'complete-square']];
        yield ['factor x^2-5x+6=0', ['factor', 'solve', 'complete-square']];
        yield ['show that (x^2+3x)/2', ['divide', 'factor', 'multiply', 'complete-square']];
        yield ['3(x+1)-2=7', ['solve']];
        yield ['sqrt(3x+1)-sqrt(x+4)=1', ['solve']];
        yield ['A = 1/2(a+b)h for b', ['rearrange']];
        yield ['y = 2x^2-12x+11', ['complete-square', 'rearrange']];
        yield ['(x+1)(x-2)(x+5)=ax^3+bx^2+cx+d', ['multiply']];
    }

    /** @param list<string> $jobs */
    #[DataProvider('recognised')]
    public function testRecognisesTheJobs(string $typed, array $jobs): void
    {
        self::assertSame($jobs, Jobs::all()->ofProblem(Problem::read($typed)));
    }

    /** @return iterable<array{string, string, string}> */
    public static function refused(): iterable
    {
        yield ['(x+1)^25', 'too-large', 'error.degree'];
        yield ['(a+b)^7', 'too-large', 'error.factors'];
        yield ['((x+1)^6)^4(x+2)', 'too-large', 'error.degree'];
        yield [
            '(99999999999999999999x+1)(99999999999999999999x+1)(99999999999999999999x+1)',
            'too-large',
            'error.digits',
        ];
        yield ['9^9^9x+(x+1)(x+2)', 'too-large', 'error.digits'];
        yield ['(a+b+c+d+f+g+h)(k+l+m+n+p+q+r+s+t)', 'too-large', 'error.letters'];
        yield ['0(x+1)', 'out-of-reach', 'error.bracket-is-zero'];
        yield ['0x(x+1)', 'out-of-reach', 'error.bracket-is-zero'];
        yield ['(0)(x+2)(x+3)', 'out-of-reach', 'error.bracket-is-zero'];
        yield ['(a+b+c+d+f+g+h)^3', 'too-large', 'error.terms'];
        yield ['x/(y-y)', 'out-of-reach', 'error.zero-denominator'];
        yield ['2^x+x^2', 'out-of-reach', 'error.not-polynomial'];
        yield ['3·5', 'out-of-reach', 'error.no-letter'];
        yield ['(x+1)((x+2)(x+3)+3)', 'out-of-reach', 'error.bracket-in-bracket'];
        yield ['(x+1)(x-x)', 'out-of-reach', 'error.bracket-is-zero'];
        yield ['3x+1', 'out-of-reach', 'error.nothing-to-do'];
    }

    #[DataProvider('refused')]
    public function testRefusesWithTheReason(string $typed, string $code, string $key): void
    {
        try {
            Jobs::all()->ofProblem(Problem::read($typed));
            self::fail("read $typed");
        } catch (Refusal $refusal) {
            self::assertSame([$code, $key], [$refusal->code(), $refusal->reason->key]);
        }
    }

    /** Multiplying out keeps the value everywhere, for any expression that is a polynomial. */
    public function testALetterWithAnIndexIsALetterOfItsOwn(): void
    {
        $collected = Problem::read('R_1^2+R^12+R_1*R_1+R_12')->polynomial;
        self::assertSame(['R', 'R_1', 'R_12'], array_map(
            static fn(string $name): string => Ascii::write(new Letter($name)),
            Problem::read('R_1^2+R^12+R_12')->letters,
        ));
        self::assertSame('R^12+2*R_1^2+R_12', $collected === null ? '' : Ascii::write($collected->toExpression()));
    }

    public function testMultiplyingOutKeepsTheValue(): void
    {
        $polynomials = 0;
        for ($seed = 1; $seed <= Chance::seeds(1500); ++$seed) {
            $chance = new Chance($seed);
            $expression = $chance->expression(3);
            try {
                $polynomial = Polynomial::fromExpression($expression);
            } catch (\DomainException|Refusal) {
                continue;
            }
            if (str_contains(Ascii::write($expression), 'sqrt')) {
                continue;
            }
            ++$polynomials;
            foreach ([-3, 2, 7] as $place) {
                $values = [
                    'x' => Rational::of($place),
                    'y' => Rational::fraction($place, 3),
                    'a' => Rational::of($place + 4),
                    'T' => Rational::of(1 - $place),
                    'n' => Rational::of(5),
                    'R₁₂' => Rational::of($place - 1),
                    'v_f' => Rational::of(2),
                    'pₑ' => Rational::of(-$place),
                ];
                self::assertTrue(Evaluation::rational($expression, $values)->equals(
                    Evaluation::rational($polynomial->toExpression(), $values),
                ), "seed $seed");
            }
            $degrees = array_map(static fn($term): int => $term->monomial->degree, $polynomial->terms);
            $falling = $degrees;
            rsort($falling);
            self::assertSame($falling, $degrees, "seed $seed: standard form");
            if (!$polynomial->isZero()) {
                self::assertTrue($polynomial->scaledBy(
                    $polynomial->content()->reciprocal(),
                )->content()->isOne(), "seed $seed: the content is the greatest common factor");
            }
        }
        self::assertGreaterThan(Chance::seeds(500), $polynomials);
    }
}
