<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Number\Integers;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * The square root of a polynomial, squares taken out: what stands before it times the root of what
 * is left. What comes out may be negative where its letters are: with ± before it both are meant.
 */
final readonly class PolynomialRoot
{
    private function __construct(public Polynomial $outside, public Polynomial $inside) {}

    public static function of(Polynomial $radicand): self
    {
        if ($radicand->isZero()) {
            return new self($radicand, Polynomial::constant(1));
        }
        $factored = FactoredPolynomial::of($radicand);
        $before = self::squareIn($factored->number);
        $outside = Polynomial::constant($before);
        $inside = Polynomial::constant($factored->number->dividedBy($before->times($before)));
        foreach ($factored->factors as [$factor, $exponent]) {
            for ($pair = 0; $pair < intdiv($exponent, 2); ++$pair) {
                $outside = $outside->times($factor);
            }
            $inside = $exponent % 2 === 1 ? $inside->times($factor) : $inside;
        }

        // Of the opposite of a square nothing comes out that is real.
        return $inside->value()?->isNegative() === true
            ? new self(Polynomial::constant(1), $radicand)
            : new self($outside, $inside);
    }

    /** A polynomial as it stands under a root: squares of letters first, as in b² − 4ac, then what has a plus. */
    public static function written(Polynomial $radicand): Expression
    {
        $terms = $radicand->terms;
        usort($terms, static fn(Term $one, Term $other): int => self::place($one) <=> self::place($other));

        return BookShape::ordered(Term::sum($terms));
    }

    private static function place(Term $term): int
    {
        $isOdd = static fn(int $exponent): bool => $exponent % 2 === 1;

        return $term->monomial->degree > 0 && array_filter($term->monomial->exponents, $isOdd) === [] ? 0 : 1;
    }

    /** Whether no root is left. */
    public function isWhole(): bool
    {
        return $this->inside->value()?->isOne() === true;
    }

    /** The number whose square comes out: the rest is whole; 1 where that is too large to look for squares in it. */
    private static function squareIn(Rational $number): Rational
    {
        $below = $number->denominator();
        $size = $number->absolute()->times($below)->times($below)->toInt();
        try {
            return Rational::of($size === null ? 1 : Integers::squareFreePart($size)[0])->dividedBy($below);
        } catch (NoExactValue) {
            return Rational::one();
        }
    }

    public function toExpression(): Expression
    {
        $root = new Root(self::written($this->inside), 2);

        return match (true) {
            $this->isWhole() => $this->outside->toExpression(),
            $this->outside->value()?->isOne() === true => $root,
            default => Product::of([
                ...(\count($this->outside->terms) === 1
                    ? $this->outside->toExpression()->factors()
                    : [$this->outside->toExpression()]),
                $root,
            ]),
        };
    }
}
