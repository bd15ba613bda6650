<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Number\DivisionByZero;
use Runel\Number\Field\OpenPowers;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * Expressions worked out as fractions of polynomials: two of them are equal for all values of the letters when
 * their cross products are the same polynomial. Each root √r is a symbol s with s² = r. Roots of numbers are taken
 * apart into roots of primes, which are independent, so for numbers the comparison decides; for roots with letters
 * under them what it calls equal is equal.
 *
 * @implements OpenPowers<RationalFunction>
 */
final class NormalForms implements OpenPowers
{
    private const MOST_DEGREE = 120;
    /** More terms than this are not worked with. */
    private const MOST_TERMS = 4000;

    private readonly Symbols $symbols;
    /** @var array<string, RationalFunction> */
    private array $letters = [];
    /** @var \WeakMap<Rational, RationalFunction> */
    private readonly \WeakMap $numbers;
    private bool $hasRoots = false;
    /** @var array<int, Rational> the number 1, the denominator of what has none */
    private readonly array $whole;

    /**
     * @param Effort|null $effort what may be spent; null: as much as it takes
     * @param int         $index  where it is not 1, no letter is negative, and each is worked with as the power with
     *                            this exponent of a symbol of its own: its root comes out
     */
    public function __construct(private readonly ?Effort $effort = null, private readonly int $index = 1)
    {
        $this->whole = [0 => Rational::one()];
        $this->symbols = new Symbols();
        $this->numbers = new \WeakMap();
    }

    /**
     * Counts work that is done with forms elsewhere.
     *
     * @throws OutOfEffort
     */
    public function spend(int $steps): void
    {
        $this->effort?->spend($steps);
    }

    public function areSame(RationalFunction $first, RationalFunction $second): bool
    {
        if ($this->areWhole($first, $second)) {
            return self::match($first->numerator, $second->numerator);
        }

        return self::match($this->times(
            $first->numerator,
            $second->denominator,
        ), $this->times($second->numerator, $first->denominator));
    }

    public function letter(string $name): RationalFunction
    {
        return $this->letters[$name]
            ??= $this->polynomial(
                [Exponents::of($this->symbols->letter($name), $this->index) => Rational::one()],
                $this->index,
            );
    }

    /**
     * The only monomial of a polynomial, null where it has several.
     *
     * @param array<int, Rational> $form
     */
    public function monomial(array $form): ?int
    {
        return \count($form) === 1 ? array_key_first($form) : null;
    }

    /** Whether a letter occurs in it, outside of roots or under one. */
    public function holds(RationalFunction $ratio, string $letter): bool
    {
        return $this->symbols->holds($ratio, $letter);
    }

    /**
     * The different degrees of the terms of a polynomial, roots not counted; none for 0.
     *
     * @return list<int>
     *
     * @throws NoExactValue when it is no polynomial
     */
    public function degrees(RationalFunction $ratio): array
    {
        if (!$ratio->isWhole()) {
            throw new NoExactValue('not a polynomial');
        }
        $degrees = [];
        foreach ($ratio->numerator as $monomial => $_) {
            $degree = 0;
            foreach ($this->symbols->places() as $place) {
                $exponent = Exponents::at($monomial, $place);
                if ($exponent > 0 && $this->symbols->isOpenPower($place)) {
                    throw new NoExactValue('an exponent that is no number');
                }
                $degree += $this->symbols->isLetter($place) ? $exponent : 0;
            }
            $degrees[$degree] = true;
        }

        return array_keys($degrees);
    }

    /**
     * A polynomial seen as one in a single letter: its coefficients, numbers with roots, by power.
     *
     * @param array<int, Rational> $form
     *
     * @return array<int, Surd>|null null when another letter, or a root with a letter under it, occurs
     */
    public function inOneLetter(array $form, string $letter): ?array
    {
        $own = $this->symbols->places()[$letter] ?? null;
        $coefficients = [];
        foreach ($form as $monomial => $coefficient) {
            $power = 0;
            $value = Surd::rational($coefficient);
            foreach ($this->symbols->places() as $place) {
                $exponent = Exponents::at($monomial, $place);
                if ($exponent === 0) {
                    continue;
                }
                $number = $this->symbols->numberUnder($place);
                if ($place === $own) {
                    $power = $exponent;
                } elseif ($number !== null) {
                    $value = $value->times(Surd::rootOf($number));
                } else {
                    return null;
                }
            }
            $coefficients[$power] = isset($coefficients[$power]) ? $coefficients[$power]->plus($value) : $value;
        }

        return array_filter($coefficients, static fn(Surd $coefficient): bool => !$coefficient->isZero());
    }

    /**
     * @param array<int, Rational> $form   coefficients by monomial, none 0
     * @param int                  $degree an upper bound for the exponents in it
     */
    public function polynomial(array $form, int $degree): RationalFunction
    {
        return new RationalFunction($form, $this->whole, $degree);
    }

    public function number(Rational $value): RationalFunction
    {
        return $this->numbers[$value]
            ??= new RationalFunction($value->isZero() ? [] : [0 => $value], $this->whole, 0);
    }

    public function sum(array $values): RationalFunction
    {
        $sum = $values[0];
        $forms = [];
        $degree = 0;
        foreach ($values as $value) {
            if ($value->denominator !== $sum->denominator) {
                return array_reduce(\array_slice($values, 1), $this->plus(...), $sum);
            }
            $forms[] = $value->numerator;
            $degree = $value->degree > $degree ? $value->degree : $degree;
        }

        return new RationalFunction(self::added(...$forms), $sum->denominator, $degree);
    }

    private function plus(RationalFunction $first, RationalFunction $second): RationalFunction
    {
        if ($first->denominator === $second->denominator) {
            return $this->sum([$first, $second]);
        }

        return new RationalFunction(
            self::added($this->times(
                $first->numerator,
                $second->denominator,
            ), $this->times($second->numerator, $first->denominator)),
            $this->times($first->denominator, $second->denominator),
            self::bounded($first->degree + $second->degree),
        );
    }

    public function product(mixed $first, mixed $second): RationalFunction
    {
        $degree = $first->degree + $second->degree;
        if ($degree > self::MOST_DEGREE) {
            self::bounded($degree);
        }
        // Most are polynomials: they take no further call.
        if ($first->denominator === $this->whole && $second->denominator === $this->whole) {
            return new RationalFunction($this->times($first->numerator, $second->numerator), $this->whole, $degree);
        }

        return new RationalFunction(
            $this->times($first->numerator, $second->numerator),
            $first->isWhole() ? $second->denominator : ($second->isWhole() ? $first->denominator : $this->times(
                $first->denominator,
                $second->denominator,
            )),
            $degree,
        );
    }

    public function opposite(mixed $value): RationalFunction
    {
        $form = [];
        foreach ($value->numerator as $monomial => $coefficient) {
            $form[$monomial] = $coefficient->negated();
        }

        return new RationalFunction($form, $value->denominator, $value->degree);
    }

    public function quotient(mixed $numerator, mixed $denominator): RationalFunction
    {
        if ($denominator->numerator === []) {
            throw new DivisionByZero();
        }
        $number = $denominator->toRational();
        if ($number !== null) {
            return $this->product($numerator, $this->number($number->reciprocal()));
        }

        return $this->product(
            $numerator,
            new RationalFunction($denominator->denominator, $denominator->numerator, $denominator->degree),
        );
    }

    /** A symbol of its own: what is known of it is that it is the same wherever base and exponent are. */
    public function openPower(mixed $base, mixed $exponent): RationalFunction
    {
        $place = $this->symbols->openPower(
            [$base->numerator, $base->denominator, $exponent->numerator, $exponent->denominator],
        );

        return $this->polynomial([Exponents::of($place) => Rational::one()], 1);
    }

    public function root(mixed $radicand, int $index): RationalFunction
    {
        $this->hasRoots = true;
        // √(n/d) is √(nd)/d, and so for higher roots.
        $under = $radicand->numerator;
        for ($time = 1; $time < $index; ++$time) {
            $under = $radicand->isWhole() ? $under : $this->times($under, $radicand->denominator);
        }
        $degree = $radicand->isWhole() ? $radicand->degree : self::bounded($index * $radicand->degree);
        $root = (new FormRoots($this, $this->symbols, $this->index !== 1))->of($under, $index, $degree);

        return $radicand->isWhole() ? $root : $this->quotient(
            $root,
            new RationalFunction($radicand->denominator, $this->whole, $radicand->degree),
        );
    }

    /**
     * @param array<int, Rational> $left
     * @param array<int, Rational> $right
     *
     * @return array<int, Rational>
     */
    public function times(array $left, array $right): array
    {
        if (\count($left) === 1 && \count($right) === 1 && !$this->hasRoots) {
            foreach ($left as $first => $coefficient) {
                foreach ($right as $second => $other) {
                    return [$first + $second => $coefficient->times($other)];
                }
            }
        }
        if (\count($left) * \count($right) > self::MOST_TERMS) {
            throw new NoExactValue('more terms than can be followed');
        }
        $this->effort?->spend(\count($left) * \count($right));
        $product = [];
        foreach ($left as $first => $coefficient) {
            foreach ($right as $second => $other) {
                $term = $coefficient->times($other);
                $product[$first + $second] = isset(
                    $product[$first + $second],
                ) ? $product[$first + $second]->plus($term) : $term;
            }
        }

        foreach ($product as $monomial => $coefficient) {
            if ($coefficient->isZero()) {
                unset($product[$monomial]);
            }
        }

        return !$this->hasRoots ? $product : $this->reduced($product);
    }

    /**
     * Every power of a root that its index goes into replaced by what stands under it.
     *
     * @param array<int, Rational> $form
     *
     * @return array<int, Rational>
     */
    private function reduced(array $form): array
    {
        foreach ($this->symbols->roots() as $place => [$index, $radicand]) {
            foreach ($form as $monomial => $coefficient) {
                if (Exponents::at($monomial, $place) >= $index) {
                    unset($form[$monomial]);
                    $left = [$monomial - Exponents::of($place, $index) => $coefficient];

                    return $this->reduced(self::added($form, $this->times($left, $radicand)));
                }
            }
        }

        return $form;
    }

    /**
     * @param array<int, Rational> $sum
     * @param array<int, Rational> ...$forms
     *
     * @return array<int, Rational>
     */
    public static function added(array $sum, array ...$forms): array
    {
        foreach ($forms as $form) {
            foreach ($form as $monomial => $coefficient) {
                if (!isset($sum[$monomial])) {
                    $sum[$monomial] = $coefficient;
                    continue;
                }
                $sum[$monomial] = $sum[$monomial]->plus($coefficient);
                if ($sum[$monomial]->isZero()) {
                    unset($sum[$monomial]);
                }
            }
        }

        return $sum;
    }

    /**
     * @param array<int, Rational> $left
     * @param array<int, Rational> $right
     */
    private static function match(array $left, array $right): bool
    {
        if (\count($left) !== \count($right)) {
            return false;
        }
        foreach ($left as $monomial => $coefficient) {
            if (!isset($right[$monomial]) || !$coefficient->equals($right[$monomial])) {
                return false;
            }
        }

        return true;
    }

    private function areWhole(RationalFunction $first, RationalFunction $second): bool
    {
        return $first->denominator === $this->whole && $second->denominator === $this->whole;
    }

    private static function bounded(int $degree): int
    {
        return $degree <= self::MOST_DEGREE ? $degree : throw new NoExactValue('a higher degree than can be followed');
    }
}
