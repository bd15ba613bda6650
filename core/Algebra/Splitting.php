<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Message\TooLarge;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * A polynomial without common term split into factors as far as school goes: quadratics, rational roots in one letter,
 * two letters in which all terms have one degree, and what is linear in one of its letters. Others stay whole.
 */
final class Splitting
{
    /** Of a higher degree in one letter no rational roots are looked for. */
    private const DEGREE = 6;

    /** @return list<Polynomial> */
    public static function of(Polynomial $rest): array
    {
        if ($rest->isConstant()) {
            return [];
        }
        try {
            $trinomial = $rest->degree() === 2 ? Trinomial::of($rest) : null;
        } catch (TooLarge) {
            $trinomial = null;
        }
        if ($trinomial !== null) {
            return $trinomial->isPrime() ? [$rest] : $trinomial->brackets();
        }
        $letters = $rest->letters();

        return match (true) {
            $rest->degree() < 2 => [$rest],
            \count($letters) === 1 => self::byRoots($rest, $letters[0]),
            \count($letters) === 2 && self::isHomogeneous($rest) => self::ofOneDegree($rest, $letters[0], $letters[1]),
            default => self::linear($rest, $letters),
        };
    }

    /** @return list<Polynomial> */
    private static function byRoots(Polynomial $rest, string $letter): array
    {
        $degree = $rest->degree();
        $candidates = $degree > 2 && $degree <= self::DEGREE ? Candidates::of($rest, $letter) : null;
        foreach ($candidates->values ?? [] as $value) {
            if (RealRoots::value($rest, $letter, $value)->isZero()) {
                $factor = Polynomial::ofCoefficients($letter, [$value->denominator(), $value->numerator()->negated()]);

                return [$factor, ...self::of($rest->dividedWithRemainder($factor, $letter)[0])];
            }
        }

        return [$rest];
    }

    private static function isHomogeneous(Polynomial $rest): bool
    {
        return array_filter(
            $rest->terms,
            static fn(Term $term): bool => $term->monomial->degree !== $rest->degree(),
        ) === [];
    }

    /**
     * a³ − b³ is split as a³ − 1 is, with b for what is missing to the degree of each factor.
     *
     * @return list<Polynomial>
     */
    private static function ofOneDegree(Polynomial $rest, string $letter, string $other): array
    {
        $alone = Polynomial::ofTerms(array_map(static fn(Term $term): Term => new Term(
            $term->coefficient,
            Monomial::power($letter, $term->monomial->exponents[$letter] ?? 0),
        ), $rest->terms));

        return array_map(static fn(Polynomial $factor): Polynomial => Polynomial::ofTerms(array_map(
            static fn(Term $term): Term => new Term($term->coefficient, Monomial::of(array_filter([
                $letter => $term->monomial->degree,
                $other => $factor->degree() - $term->monomial->degree,
            ]))),
            $factor->terms,
        )), self::of($alone));
    }

    /**
     * Where a letter stands to the first power alone, whatever what stands before it and what stands without it have
     * in common is a factor: ax + ay + bx + by is a(x + y) + b(x + y).
     *
     * @param list<string> $letters
     *
     * @return list<Polynomial>
     */
    private static function linear(Polynomial $rest, array $letters): array
    {
        foreach ($letters as $letter) {
            $powers = array_map(static fn(Term $term): int => $term->monomial->exponents[$letter] ?? 0, $rest->terms);
            if ($powers === [] || max($powers) !== 1) {
                continue;
            }
            [$before, $without] = [[], []];
            foreach ($rest->terms as $place => $term) {
                if ($powers[$place] === 1) {
                    $exponents = array_diff_key($term->monomial->exponents, [$letter => 1]);
                    $before[] = new Term($term->coefficient, Monomial::of($exponents));
                } else {
                    $without[] = $term;
                }
            }
            [$before, $without] = [Polynomial::ofTerms($before), Polynomial::ofTerms($without)];
            if ($without->isZero()) {
                continue;
            }
            $common = FactoredPolynomial::of($before)->common(FactoredPolynomial::of($without));
            if ($common->factors === []) {
                // Linear without a common factor: nothing goes into it.
                return [$rest];
            }
            $factors = [];
            foreach ($common->factors as [$factor, $exponent]) {
                array_push($factors, ...array_fill(0, $exponent, $factor));
            }
            $whole = FactoredPolynomial::number(Rational::one());
            foreach ($factors as $factor) {
                $whole = $whole->times(FactoredPolynomial::of($factor));
            }
            $divided = static fn(Polynomial $part): Polynomial => FactoredPolynomial::of($part)->over($whole)
                ->polynomial();
            $front = $divided($before)->times(Polynomial::ofTerms([new Term(
                Rational::one(),
                Monomial::power($letter, 1),
            )]));

            return [...$factors, $front->plus($divided($without))];
        }

        return [$rest];
    }
}
