<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Pi;
use Runel\Number\Integers;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * Roots of polynomials: what comes out of them comes out, and what stays becomes a symbol of its own. Roots of numbers
 * are taken apart into roots of primes.
 */
final readonly class FormRoots
{
    /** A sum with more terms is not looked for as what another one is the power of. */
    private const MOST_TERMS = 8;
    /** Larger numbers under a root from the third on are not taken apart. */
    private const LARGEST_ROOTED = 1_000_000_000_000;

    /** @param bool $areRaised whether no letter is negative, each standing as a power: its root comes out */
    public function __construct(private NormalForms $forms, private Symbols $symbols, private bool $areRaised) {}

    /**
     * The root of a polynomial.
     *
     * @param array<int, Rational> $under  coefficients by monomial, none 0
     * @param int                  $degree an upper bound for the exponents in it
     *
     * @throws NoExactValue where there are more letters and roots than can be followed
     */
    public function of(array $under, int $index, int $degree): RationalFunction
    {
        if ($under === []) {
            return $this->forms->number(Rational::zero());
        }
        [$outside, $size] = $this->powerOutside($under, $index);
        if ($outside > 0) {
            $rest = [];
            foreach ($under as $monomial => $coefficient) {
                $rest[$monomial - $index * $outside] = $coefficient;
            }

            return $this->forms->product(
                $this->forms->polynomial([$outside => Rational::one()], $size),
                $this->of($rest, $index, $degree),
            );
        }
        $content = Rational::zero();
        foreach ($under as $coefficient) {
            $content = $content->commonDivisor($coefficient);
        }
        $number = isset($under[0]) && \count($under) === 1 ? $under[0] : null;
        $root = match (true) {
            $index === 2 => $number === null ? $this->ofSurd($under) : $this->fromSurd(Surd::rootOf($number)),
            default => $number === null ? null : $this->rootOfNumber($number, $index),
        };
        if ($root !== null) {
            return $root;
        }
        $outside = $index === 2 && $number === null ? Surd::rootOf($content) : null;
        if ($outside !== null) {
            $under = array_map(static fn(Rational $coefficient): Rational => $coefficient->dividedBy($content), $under);
        }
        $size = max(1, intdiv($degree + $index - 1, $index));
        $exact = $index % 2 === 1 ? $this->exactRoot($under, $index) : null;
        if ($exact !== null) {
            return $this->forms->polynomial($exact, $size);
        }
        $raised = $this->powerOfLetter($under);
        if ($raised !== null && Integers::gcd($raised[1], $index) === 1) {
            // √(x³) is (√x)³: either is there where x is not negative, or the index is odd.
            $root = $this->of([$raised[0] => Rational::one()], $index, 1);

            return array_reduce(
                array_fill(0, $raised[1], $root),
                $this->forms->product(...),
                $this->forms->number(Rational::one()),
            );
        }
        $symbol = $this->symbol($under, $index, $size);

        return $outside === null ? $symbol : $this->forms->product($this->fromSurd($outside), $symbol);
    }

    /**
     * What a sum is the power of, where letters alone stand in it; null where it is the power of nothing short. Term
     * after term, as a root is worked out digit by digit: each next one is what the highest term still lacks.
     *
     * @param array<int, Rational> $form
     *
     * @return array<int, Rational>|null
     */
    private function exactRoot(array $form, int $index): ?array
    {
        $highest = max([0, ...array_keys($form)]);
        $front = \count($form) < 2 ? null : $form[$highest]->exactRoot($index);
        $first = Exponents::over($highest, $index);
        if ($front === null || $first === null || $this->symbols->holdsOther($form)) {
            return null;
        }
        $root = [$first => $front];
        $factor = $front->power($index - 1)->times(Rational::of($index));
        for ($terms = 1; $terms < self::MOST_TERMS; ++$terms) {
            $power = array_reduce(
                array_fill(0, $index, $root),
                $this->forms->times(...),
                [0 => Rational::one()],
            );
            $left = NormalForms::added($form, array_map(static fn(Rational $one): Rational => $one->negated(), $power));
            if ($left === []) {
                return $root;
            }
            $next = max(array_keys($left));
            $monomial = $next - ($index - 1) * $first;
            if ($monomial < 0 || $monomial >= min(array_keys($root))) {
                return null;
            }
            $root[$monomial] = $left[$next]->dividedBy($factor);
        }

        return null;
    }

    /**
     * The letter by its monomial, and its exponent from 2 on, of what is a single power of one; null of anything else.
     *
     * @param array<int, Rational> $form
     *
     * @return array{int, int}|null
     */
    private function powerOfLetter(array $form): ?array
    {
        $monomial = array_key_first($form) ?? 0;
        if (\count($form) !== 1 || !$form[$monomial]->isOne()) {
            return null;
        }
        foreach ($this->symbols->places() as $place) {
            $exponent = Exponents::at($monomial, $place);
            if ($exponent > 1 && $monomial === Exponents::of($place, $exponent)) {
                return $this->symbols->isLetter($place) ? [Exponents::of($place), $exponent] : null;
            }
        }

        return null;
    }

    /**
     * The root of a number with an index from 3 on, taken apart into the roots of primes; null where it is too large,
     * or negative with an even index.
     */
    private function rootOfNumber(Rational $number, int $index): ?RationalFunction
    {
        $top = $number->absolute()->numerator()->toInt();
        $bottom = $number->denominator()->toInt();
        $isTooLarge = $top === null || $bottom === null || max($top, $bottom) > self::LARGEST_ROOTED;
        if ($isTooLarge || ($number->isNegative() && $index % 2 === 0)) {
            return null;
        }
        // The root of n/d is the root of n·d^(index − 1), over d.
        $times = Integers::primePowers($top);
        foreach (Integers::primePowers($bottom) as $prime => $count) {
            $times[$prime] = ($times[$prime] ?? 0) + $count * ($index - 1);
        }
        $root = $this->forms->number(Rational::fraction($number->isNegative() ? -1 : 1, $bottom));
        foreach ($times as $prime => $count) {
            $outside = Rational::of($prime)->power(intdiv($count, $index));
            $root = $this->forms->product($root, $this->forms->number($outside));
            $left = $count % $index;
            if ($left > 0) {
                $under = $this->symbol([0 => Rational::of($prime)], $index, $left, $left);
                $root = $this->forms->product($root, $under);
            }
        }

        return $root;
    }

    /**
     * What is positive and stands in all terms with at least the index for an exponent comes out of a root: π, and the
     * letters where none is negative.
     *
     * @param non-empty-array<int, Rational> $under
     *
     * @return array{int, int} the monomial that stands outside, and its degree
     */
    private function powerOutside(array $under, int $index): array
    {
        $outside = $size = 0;
        foreach ($this->symbols->places() as $symbol => $place) {
            // Of an odd index the root of a power is there for every real number.
            $comesOut = $this->symbols->isLetter($place) && ($this->areRaised || $index % 2 === 1);
            if ($symbol !== Pi::NAME && !$comesOut) {
                continue;
            }
            $exponent = intdiv(min(array_map(
                static fn(int $monomial): int => Exponents::at($monomial, $place),
                array_keys($under),
            )), $index);
            $outside += Exponents::of($place, $exponent);
            $size += $exponent;
        }

        return [$outside, $size];
    }

    /**
     * The square root of a number with roots; null of anything else, and where it has none such.
     *
     * @param array<int, Rational> $under
     */
    private function ofSurd(array $under): ?RationalFunction
    {
        $root = ($this->forms->inOneLetter($under, '')[0] ?? null)?->squareRoot();

        return $root === null ? null : $this->fromSurd($root);
    }

    /** A number with roots, its radicands taken apart into primes. */
    private function fromSurd(Surd $surd): RationalFunction
    {
        $sum = $this->forms->number(Rational::zero());
        foreach ($surd->parts as $radicand => $coefficient) {
            $term = $this->forms->number($coefficient);
            $primes = $radicand < 0 ? [-1, ...Integers::primes(-$radicand)] : Integers::primes($radicand);
            foreach ($radicand === 1 ? [] : $primes as $prime) {
                $term = $this->forms->product($term, $this->symbol([0 => Rational::of($prime)], 2, 1));
            }
            $sum = $this->forms->sum([$sum, $term]);
        }

        return $sum;
    }

    /**
     * What stays under a root, as a power of a symbol of its own.
     *
     * @param array<int, Rational> $under
     */
    private function symbol(array $under, int $index, int $degree, int $exponent = 1): RationalFunction
    {
        $monomial = Exponents::of($this->symbols->root($under, $index), $exponent);

        return $this->forms->polynomial([$monomial => Rational::one()], $degree);
    }
}
