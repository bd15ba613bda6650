<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Slip\FactoringRule;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;

/**
 * A quadratic is factored by a pair of numbers that does only half of what is wanted, with signs in the wrong places,
 * or with the factors of the scaled trinomial.
 */
final readonly class BracketPairRule implements FactoringRule
{
    use OfSlip;
    /** Beyond this nobody hunts for pairs in the head. */
    private const LARGEST = 10_000;
    /** Numbers up to here are tried where only the sum is right. */
    private const FURTHEST = 12;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Equation) {
            $right = $parts->polynomial($line->right);
            foreach ($right?->isZero() === true ? $this->wrongFactors($parts->univariate($line->left)) : [] as $wrong) {
                yield new Equation($wrong, $line->right);
            }
        }
        if ($line instanceof Expression) {
            yield from $this->wrongFactors($parts->univariate($line));
        }
    }

    /** @return iterable<Expression> */
    private function wrongFactors(?UnivariateTerms $in): iterable
    {
        $coefficients = $in?->quadratic();
        if ($in === null || $coefficients === null) {
            return;
        }
        $content = $in->polynomial->content();
        [$a, $b, $c] = array_map(
            static fn(Rational $coefficient): ?int => $coefficient->dividedBy($content)->toInt(),
            $coefficients,
        );
        if ($a === null || $b === null || $c === null || max(abs($a), abs($b), abs($c)) > self::LARGEST) {
            return;
        }
        foreach ($this->quadratics($a, $b, $c) as $wrong) {
            yield $in->with(array_map(
                static fn(int $number): Rational => Rational::of($number)->times($content),
                $wrong,
            ))->toExpression();
        }
    }

    /** @return iterable<array{int, int, int}> */
    private function quadratics(int $a, int $b, int $c): iterable
    {
        return match ($this->slip) {
            Slip::SignsInWrongBrackets => self::turned($a, $b, $c),
            Slip::ScaledFactorsGiven => $a === 1 ? [] : [[1, $b, $a * $c]],
            Slip::RightProductWrongSum => self::otherSums($a, $b, $c),
            default => $a === 1 ? self::otherProducts($b, $c) : [],
        };
    }

    /** @return iterable<array{int, int, int}> the right numbers, with one sign or both the other way */
    private static function turned(int $a, int $b, int $c): iterable
    {
        yield [$a, -$b, $c];
        $root = Integers::squareRoot($b * $b - 4 * $a * $c);
        if ($root === null) {
            return;
        }
        foreach ([$root, -$root] as $middle) {
            yield [$a, $middle, -$c];
            // 9 − x² as (3 − x)²: the minus before the square is lost with it.
            if ($a < 0) {
                yield [-$a, $middle, $c];
            }
        }
    }

    /** @return iterable<array{int, int, int}> pairs with the right product */
    private static function otherSums(int $a, int $b, int $c): iterable
    {
        foreach ($c === 0 ? [] : Integers::factorPairs(abs($a * $c)) as [$small, $large]) {
            $sign = $a * $c > 0 ? 1 : -1;
            foreach ([$small + $sign * $large, -$small - $sign * $large] as $sum) {
                if (abs($sum) !== abs($b)) {
                    yield [$a, $sum, $c];
                }
            }
        }
    }

    /** @return iterable<array{int, int, int}> pairs with the right sum */
    private static function otherProducts(int $b, int $c): iterable
    {
        for ($one = -self::FURTHEST; $one <= self::FURTHEST; ++$one) {
            $product = $one * ($b - $one);
            if ($product !== $c && $product !== 0) {
                yield [1, $b, $product];
            }
        }
    }
}
