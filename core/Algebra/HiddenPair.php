<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** A trinomial in two things: in powers of letters, in a bracket and a letter, in two brackets. */
final readonly class HiddenPair
{
    /** The letters that are given to what has none. */
    private const NAMES = ['u', 'v', 'w', 's', 't'];

    /**
     * @param Expression $something what stands squared first
     * @param string     $unknown   a letter for it
     * @param Expression $other     what stands squared last
     * @param string     $second    a letter for that: itself, where it is one
     * @param Polynomial $quadratic in both letters, every term of degree 2
     */
    private function __construct(
        public Expression $something,
        public string $unknown,
        public Expression $other,
        public string $second,
        public Polynomial $quadratic,
    ) {}

    /** Null where there is none, or where it is a trinomial in two letters as it stands. */
    public static function of(Expression $whole): ?self
    {
        $letters = array_map(strval(...), array_keys(Letters::of($whole)));
        if (\count($letters) < 2 || \count(array_diff(self::NAMES, $letters)) < 2) {
            return null;
        }
        $brackets = HiddenQuadratic::brackets($whole);

        return match (\count($brackets)) {
            0 => self::inPowers($whole, $letters),
            1 => self::besideLetter($whole, $brackets[0], $letters),
            2 => self::inBrackets($whole, $brackets[0], $brackets[1], $letters),
            default => null,
        };
    }

    public function coefficient(int $power): Rational
    {
        foreach ($this->quadratic->terms as $term) {
            if ($term->monomial->degreeIn($this->unknown) === $power) {
                return $term->coefficient;
            }
        }

        return Rational::zero();
    }

    /** The trinomial with what the letters stand for written in their places. */
    public function written(): Expression
    {
        return $this->put($this->quadratic->toExpression());
    }

    /** A linear factor in which both stand as they are. */
    public function bracket(Polynomial $factor): Expression
    {
        return $this->put($factor->toExpression());
    }

    /** The same, tidied up. */
    public function back(Polynomial $factor): Expression
    {
        return BookShape::ordered(Polynomial::fromExpression($this->bracket($factor))->toExpression());
    }

    /** Whether the second one is a letter as it stands, for which no other is needed. */
    public function isBesideLetter(): bool
    {
        return $this->other instanceof Letter && $this->other->name === $this->second;
    }

    /** @param list<string> $letters */
    private static function inPowers(Expression $whole, array $letters): ?self
    {
        $polynomial = Polynomial::tryFrom($whole);
        if ($polynomial === null || \count($polynomial->terms) !== 3) {
            return null;
        }
        [$first, $middle, $last] = $polynomial->terms;
        [$something, $other] = [self::half($first), self::half($last)];
        if ($something === null || $other === null || $something->degree + $other->degree < 3
            || $something->sharesLetterWith($other) || $middle->monomial->key !== $something->times($other)->key) {
            return null;
        }
        [$unknown, $second] = self::names($letters);

        $own = $other->toExpression();

        return self::checked(
            $something->toExpression(),
            $unknown,
            // A letter that stands behind the other one in the alphabet needs no name.
            $own instanceof Letter && $own->name > $unknown ? $own->name : $second,
            $own,
            [$first->coefficient, $middle->coefficient, $last->coefficient],
        );
    }

    /** @param list<string> $letters */
    private static function besideLetter(Expression $whole, Sum $bracket, array $letters): ?self
    {
        $unknown = self::names($letters)[0];
        $replaced = self::replaced($whole, [[$bracket, $unknown]]);
        $left = array_values(array_diff(array_map(strval(...), array_keys(Letters::of($replaced))), [$unknown]));

        if (\count($left) !== 1) {
            return null;
        }
        // In standard order the letter for the bracket comes first: x among other letters, else one before them.
        if ($left[0] < $unknown) {
            $unknown = array_values(array_diff(['x', 'y', 'z'], $letters))[0] ?? $unknown;
            $replaced = self::replaced($whole, [[$bracket, $unknown]]);
        }

        return self::read($replaced, $bracket, $unknown, new Letter($left[0]), $left[0]);
    }

    /** @param list<string> $letters */
    private static function inBrackets(Expression $whole, Sum $first, Sum $other, array $letters): ?self
    {
        [$unknown, $second] = self::names($letters);
        $replaced = self::replaced($whole, [[$first, $unknown], [$other, $second]]);

        return self::read($replaced, $first, $unknown, $other, $second);
    }

    private static function read(
        Expression $replaced,
        Expression $something,
        string $unknown,
        Expression $other,
        string $second,
    ): ?self {
        $polynomial = Polynomial::tryFrom($replaced);
        if ($polynomial === null || \count($polynomial->terms) !== 3) {
            return null;
        }
        $coefficients = [];
        foreach ($polynomial->terms as $term) {
            $powers = [$term->monomial->degreeIn($unknown), $term->monomial->degreeIn($second)];
            if (array_sum($powers) !== 2 || $term->monomial->degree !== 2) {
                return null;
            }
            $coefficients[2 - $powers[0]] = $term->coefficient;
        }
        ksort($coefficients);

        return self::checked($something, $unknown, $second, $other, array_values($coefficients));
    }

    /** @param list<Rational> $coefficients of the first squared, of both, of the second squared */
    private static function checked(
        Expression $something,
        string $unknown,
        string $second,
        Expression $other,
        array $coefficients,
    ): ?self {
        if (\count($coefficients) !== 3) {
            return null;
        }
        $quadratic = Polynomial::ofTerms(array_map(static fn(int $power, Rational $coefficient): Term => new Term(
            $coefficient,
            Monomial::of(array_filter([$unknown => 2 - $power, $second => $power])),
        ), array_keys($coefficients), $coefficients), $unknown);

        return new self($something, $unknown, $other, $second, $quadratic);
    }

    /** What a term is the square of, its number aside; null of none. */
    private static function half(Term $term): ?Monomial
    {
        $half = Monomial::one();
        foreach ($term->monomial->exponents as $letter => $exponent) {
            if ($exponent % 2 === 1) {
                return null;
            }
            $half = $half->times(Monomial::power((string) $letter, intdiv($exponent, 2)));
        }

        return $half->exponents === [] ? null : $half;
    }

    /**
     * @param list<string> $letters
     *
     * @return array{string, string} two that do not stand there
     */
    private static function names(array $letters): array
    {
        $free = array_values(array_diff(self::NAMES, $letters));

        return [$free[0], $free[1]];
    }

    /** @param list<array{Expression, string}> $pairs */
    private static function replaced(Expression $whole, array $pairs): Expression
    {
        return Rewriter::everywhere($whole, static function (Node $node) use ($pairs): ?Node {
            foreach ($pairs as [$old, $name]) {
                if ($node->equals($old)) {
                    return new Letter($name);
                }
            }

            return null;
        });
    }

    private function put(Expression $written): Expression
    {
        return Rewriter::everywhere($written, fn(Node $node): ?Node => match (true) {
            !$node instanceof Letter => null,
            $node->name === $this->unknown => $this->something,
            $node->name === $this->second => $this->other,
            default => null,
        });
    }
}
