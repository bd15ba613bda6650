<?php

declare(strict_types=1);

namespace Runel\Polynomial;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Limits;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Number\Integers;
use Runel\Number\Rational;

/** A polynomial in any number of letters, always collected and in standard form. */
final class Polynomial
{
    /** A larger number under a root is not worked with: products of several would outgrow a machine integer. */
    private const LARGEST_RADICAND = 1_000_000;

    /** The letters that stand for what is not known. */
    private const UNKNOWN = ['x', 'y', 'z'];

    /** What it is written as, made once. */
    private ?Expression $written = null;

    /**
     * @param list<Term> $terms in standard order, no two alike, none 0
     * @param string     $main  the letter by which they are put in order before all others; none where it is empty
     */
    private function __construct(public readonly array $terms, public readonly string $main = '') {}

    /**
     * Collects like terms and puts them in standard order.
     *
     * @param iterable<Term> $terms
     * @param string         $main  the letter that comes before all others; empty where the terms are to tell
     *
     * @throws TooLarge when the limits on terms, degree or digits are passed
     */
    public static function ofTerms(iterable $terms, string $main = ''): self
    {
        $coefficients = [];
        $monomials = [];
        foreach ($terms as $term) {
            $key = $term->monomial->key;
            $coefficients[$key] = isset($coefficients[$key])
                ? $coefficients[$key]->plus($term->coefficient)
                : $term->coefficient;
            $monomials[$key] = $term->monomial;
        }
        $collected = [];
        foreach ($coefficients as $key => $coefficient) {
            if (!$coefficient->isZero()) {
                $collected[] = new Term($coefficient, $monomials[$key]);
            }
        }
        $main = $main === '' ? self::mainLetter($monomials) : $main;
        if (!self::isOrdered($collected, $main)) {
            usort($collected, static fn(Term $first, Term $second): int => $first->monomial->compareTo(
                $second->monomial,
                $main,
            ));
        }
        self::guard($collected);

        return new self($collected, $main);
    }

    /** @param list<Term> $terms */
    private static function isOrdered(array $terms, string $main): bool
    {
        foreach ($terms as $place => $term) {
            if ($place > 0 && $terms[$place - 1]->monomial->compareTo($term->monomial, $main) > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * The one of x, y and z that stands among letters for numbers: terms are put in order by it. In two letters, where
     * all terms have one degree, neither is the other's number.
     *
     * @param array<string, Monomial> $monomials
     *
     * @return string empty where there is none
     */
    private static function mainLetter(array $monomials): string
    {
        $letters = [];
        foreach ($monomials as $monomial) {
            $letters += $monomial->exponents;
        }
        if (\count($letters) < 2) {
            return '';
        }
        $unknown = array_values(array_intersect(self::UNKNOWN, array_keys($letters)));
        $degrees = array_unique(array_map(static fn(Monomial $one): int => $one->degree, $monomials));

        return \count($unknown) !== 1 || (\count($letters) === 2 && \count($degrees) === 1) ? '' : $unknown[0];
    }

    /** Ordered by the one of x, y and z that stands among other letters, where there is one: x − p, not −p + x. */
    public function unknownFirst(): self
    {
        $letters = $this->letters();
        $unknown = array_values(array_intersect(self::UNKNOWN, $letters));

        return \count($unknown) === 1 && \count($letters) > 1 && $unknown[0] !== $this->main
            ? self::ofTerms($this->terms, $unknown[0])
            : $this;
    }

    /** A sum that begins with a power of x, y or z, and whose other letters are none of them, is ordered by that. */
    private static function asTyped(self $collected, Sum $typed): self
    {
        $first = $typed->terms[0]->bare()->factors();
        $last = $first[\count($first) - 1];
        $letter = $last->base();
        $isPure = \count($first) === 1 || (\count($first) === 2 && $first[0] instanceof Numeral);
        if (!$letter instanceof Letter || !$isPure || !\in_array($letter->name, self::UNKNOWN, true)) {
            return $collected;
        }
        $others = array_diff($collected->letters(), [$letter->name]);

        return $others === [] || array_intersect($others, self::UNKNOWN) !== []
            ? $collected
            : self::ofTerms($collected->terms, $letter->name);
    }

    public static function constant(Rational|int $value): self
    {
        $term = Term::constant($value);

        return new self($term->isZero() ? [] : [$term]);
    }

    /**
     * @param list<Rational> $coefficients from the highest power down to the constant
     */
    public static function ofCoefficients(string $letter, array $coefficients): self
    {
        $terms = [];
        $degree = \count($coefficients) - 1;
        foreach ($coefficients as $place => $coefficient) {
            if (!$coefficient->isZero()) {
                $terms[] = new Term($coefficient, Monomial::power($letter, $degree - $place));
            }
        }

        return new self($terms);
    }

    /**
     * The polynomial an expression is; null where it is none.
     *
     * @throws TooLarge before any large work is done
     */
    public static function tryFrom(Expression $expression): ?self
    {
        try {
            return self::fromExpression($expression);
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
    }

    /** Whether an expression comes to nothing: 0x², too. */
    public static function vanishes(Expression $expression): bool
    {
        // A number before letters, as most terms stand, tells by the number alone.
        foreach ($expression->bare()->factors() as $factor) {
            if ($factor instanceof Numeral && $factor->value->isZero()) {
                return true;
            }
            $letter = $factor instanceof Power && $factor->exponent instanceof Numeral ? $factor->base : $factor;
            if (!$factor instanceof Numeral && !$letter instanceof Letter) {
                return self::number($expression)?->isZero() === true;
            }
        }

        return false;
    }

    /** The number an expression comes to once it is multiplied out and collected; null of any other. */
    public static function number(Expression $expression): ?Rational
    {
        return $expression->number() ?? self::tryFrom($expression)?->value();
    }

    /**
     * Multiplies out and collects.
     *
     * @throws NotPolynomial  when it is not one
     * @throws DivisionByZero when it divides by 0
     * @throws TooLarge       before any large work is done
     */
    public static function fromExpression(Expression $expression): self
    {
        return match (true) {
            $expression instanceof Numeral => self::constant($expression->value),
            $expression instanceof Letter => self::indeterminate($expression->name),
            $expression instanceof Pi => self::indeterminate(Pi::NAME),
            $expression instanceof Marked => self::fromExpression($expression->content),
            $expression instanceof Negative => self::fromExpression($expression->operand)->negated(),
            $expression instanceof Sum => self::asTyped(self::added(
                array_map(self::fromExpression(...), $expression->terms),
            ), $expression),
            $expression instanceof Product => self::singleTerm($expression) ?? array_reduce(
                $expression->factors,
                static fn(self $product, Expression $factor): self => $product->times(self::fromExpression($factor)),
                self::constant(1),
            ),
            $expression instanceof Quotient => self::fromExpression($expression->numerator)->dividedByConstant(
                self::fromExpression($expression->denominator),
            ),
            $expression instanceof Power => self::fromPower($expression),
            $expression instanceof Root => self::fromRoot($expression),
            default => throw new NotPolynomial('root'),
        };
    }

    /**
     * @param list<self> $parts
     *
     * @throws TooLarge when the sum would pass the limits
     */
    private static function added(array $parts): self
    {
        $terms = [];
        $letters = [];
        foreach ($parts as $part) {
            foreach ($part->terms as $term) {
                $terms[] = $term;
                $letters += $term->monomial->exponents;
            }
        }

        // In several letters, the one by which terms are put in order is that of the first ones with two letters.
        return \count($letters) < 2
            ? self::ofTerms($terms)
            : array_reduce($parts, static fn(self $sum, self $part): self => $sum->plus($part), self::constant(0));
    }

    /**
     * A number before letters, as most products stand: read off, not multiplied out.
     *
     * @throws TooLarge when it would pass the limits
     */
    private static function singleTerm(Product $product): ?self
    {
        $coefficient = null;
        $exponents = [];
        foreach ($product->factors as $factor) {
            if ($factor instanceof Numeral && $coefficient === null && $exponents === []) {
                $coefficient = $factor->value;
                continue;
            }
            $letter = $factor->base();
            $exponent = $factor->wholeExponent();
            if (!$letter instanceof Letter || $exponent === null || $exponent < 1 || $exponent > Limits::DEGREE) {
                return null;
            }
            $exponents[$letter->name] = ($exponents[$letter->name] ?? 0) + $exponent;
        }
        if (array_sum($exponents) > Limits::DEGREE) {
            throw new TooLarge(Message::of('error.degree', ['limit' => Limits::DEGREE]));
        }

        return self::ofTerms([new Term($coefficient ?? Rational::one(), Monomial::of($exponents))]);
    }

    private static function indeterminate(string $name): self
    {
        return new self([new Term(Rational::one(), Monomial::power($name, 1))]);
    }

    public function plus(self $other): self
    {
        return self::ofTerms([...$this->terms, ...$other->terms], $this->mainOr($other));
    }

    private function mainOr(self $other): string
    {
        return $this->main === '' ? $other->main : $this->main;
    }

    public function minus(self $other): self
    {
        return $this->plus($other->negated());
    }

    public function negated(): self
    {
        return new self(array_map(static fn(Term $term): Term => $term->negated(), $this->terms), $this->main);
    }

    /** @throws TooLarge when the product would pass the limits */
    public function times(self $other): self
    {
        if ($this->degree() + $other->degree() > Limits::DEGREE) {
            throw new TooLarge(Message::of('error.degree', ['limit' => Limits::DEGREE]));
        }
        $products = [];
        foreach ($this->terms as $left) {
            foreach ($other->terms as $right) {
                $products[] = $left->times($right);
            }
        }

        return self::ofTerms($products, $this->mainOr($other));
    }

    /**
     * Quotient and remainder, both in the one letter the two have.
     *
     * @param self $divisor not 0
     *
     * @return array{self, self} the remainder is of lower degree than the divisor, or 0
     *
     * @throws TooLarge when a number on the way passes the limit on digits
     */
    public function dividedWithRemainder(self $divisor, string $letter): array
    {
        $remainder = $this;
        $quotient = [];
        $leading = $divisor->terms[0];
        while (!$remainder->isZero() && $remainder->degree() >= $divisor->degree()) {
            $term = new Term(
                $remainder->terms[0]->coefficient->dividedBy($leading->coefficient),
                Monomial::power($letter, $remainder->degree() - $divisor->degree()),
            );
            $quotient[] = $term;
            $remainder = $remainder->minus($divisor->times(self::ofTerms([$term])));
        }

        return [self::ofTerms($quotient), $remainder];
    }

    /**
     * The greatest common divisor of two in one letter, up to a number (Euclid).
     *
     * @throws TooLarge when a number on the way passes the limit on digits
     */
    public function commonDivisor(self $other, string $letter): self
    {
        [$one, $two] = [$this, $other];
        while (!$two->isZero()) {
            [$one, $two] = [$two, $one->dividedWithRemainder($two, $letter)[1]];
        }

        return $one;
    }

    public function scaledBy(Rational $factor): self
    {
        if ($factor->isZero()) {
            return self::constant(0);
        }

        return new self(array_map(static fn(Term $term): Term => new Term(
            $term->coefficient->times($factor),
            $term->monomial,
        ), $this->terms), $this->main);
    }

    /** The number it is; null where there is a letter in it. */
    public function value(): ?Rational
    {
        return match (true) {
            $this->terms === [] => Rational::zero(),
            $this->isConstant() => $this->terms[0]->coefficient,
            default => null,
        };
    }

    public function isZero(): bool
    {
        return $this->terms === [];
    }

    public function equals(self $other): bool
    {
        return $this->minus($other)->isZero();
    }

    /** Whether it is a number without letters and roots. */
    public function isConstant(): bool
    {
        return $this->terms === [] || (\count($this->terms) === 1 && $this->terms[0]->monomial->exponents === []);
    }

    /** The highest degree of a term; 0 for a constant, and for 0 as well. */
    public function degree(): int
    {
        return $this->terms === [] ? 0 : $this->terms[0]->monomial->degree;
    }

    /** @return list<string> the letters, in alphabetical order */
    public function letters(): array
    {
        $letters = [];
        foreach ($this->terms as $term) {
            $letters += $term->monomial->exponents;
        }
        ksort($letters);

        return array_map('strval', array_keys($letters));
    }

    /** The coefficient of one power of a letter, the other letters absent. */
    public function coefficient(string $letter, int $power): Rational
    {
        $key = Monomial::power($letter, $power)->key;
        foreach ($this->terms as $term) {
            if ($term->monomial->key === $key) {
                return $term->coefficient;
            }
        }

        return Rational::zero();
    }

    /** @return list<Rational> from the highest power of the letter down to the constant, 0 for each missing power */
    public function coefficients(string $letter): array
    {
        $coefficients = [];
        for ($power = $this->degree(); $power >= 0; --$power) {
            $coefficients[] = $this->coefficient($letter, $power);
        }

        return $coefficients;
    }

    /** @return list<Term> one a power of the letter, highest first, 0 for each missing power */
    public function places(string $letter): array
    {
        $degree = $this->degree();
        $places = [];
        foreach ($this->coefficients($letter) as $place => $coefficient) {
            $places[] = new Term($coefficient, Monomial::power($letter, $degree - $place));
        }

        return $places;
    }

    /** The positive greatest common factor of all coefficients; 0 only for the polynomial 0. */
    public function content(): Rational
    {
        $content = Rational::zero();
        foreach ($this->terms as $term) {
            $content = $content->commonDivisor($term->coefficient);
        }

        return $content;
    }

    /** A number of it, for what is worked out from it to be written like: a decimal where it has one. */
    public function like(): Rational
    {
        foreach ($this->terms as $term) {
            if ($term->coefficient->isDecimal()) {
                return $term->coefficient;
            }
        }

        return Rational::one();
    }

    public function hasFractions(): bool
    {
        foreach ($this->terms as $term) {
            if (!$term->coefficient->isInteger()) {
                return true;
            }
        }

        return false;
    }

    public function toExpression(): Expression
    {
        return $this->written ??= Sum::of($this->expressions());
    }

    /** @return list<Expression> the terms as they are written, highest first */
    public function expressions(): array
    {
        return array_map(static fn(Term $term): Expression => $term->toExpression(), $this->terms);
    }

    private function dividedByConstant(self $divisor): self
    {
        if ($divisor->isZero()) {
            throw new DivisionByZero();
        }
        if (!$divisor->isConstant()) {
            throw new NotPolynomial('denominator');
        }

        return $this->scaledBy($divisor->terms[0]->coefficient->reciprocal());
    }

    /** The square root of a whole number that no square goes into beyond machine size. */
    private static function fromRoot(Root $root): self
    {
        $radicand = $root->radicand instanceof Numeral ? $root->radicand->value->toInt() : null;
        if ($root->index !== 2 || $radicand === null || $radicand > self::LARGEST_RADICAND) {
            throw new NotPolynomial('root');
        }
        $whole = Integers::squareRoot($radicand);

        return $whole !== null
            ? self::constant($whole)
            : new self([new Term(Rational::one(), Monomial::root($radicand))]);
    }

    private static function fromPower(Power $power): self
    {
        $base = self::fromExpression($power->base);
        $exponentForm = self::fromExpression($power->exponent);
        $exponent = $exponentForm->isZero()
            ? 0
            : ($exponentForm->isConstant() ? $exponentForm->terms[0]->coefficient->toInt() : null);
        if ($exponent === null || ($exponent < 0 && !$base->isConstant())) {
            throw new NotPolynomial('exponent');
        }
        if (!$base->isConstant() && max(1, $base->degree()) * $exponent > Limits::DEGREE) {
            throw new TooLarge(Message::of('error.degree', ['limit' => Limits::DEGREE]));
        }
        if ($base->isConstant()) {
            $value = $base->isZero() ? Rational::zero() : $base->terms[0]->coefficient;
            if (
                abs($exponent) * $value->length() > Limits::DIGITS
                && !$value->absolute()->isOne()
                && !$value->isZero()
            ) {
                throw new TooLarge(Message::of('error.digits', ['limit' => Limits::DIGITS]));
            }

            return self::constant($value->power($value->absolute()->isOne() ? $exponent % 2 : $exponent));
        }
        $product = self::constant(1);
        for (; $exponent > 0; --$exponent) {
            $product = $product->times($base);
        }

        return $product;
    }

    /** @param list<Term> $terms */
    private static function guard(array $terms): void
    {
        if (\count($terms) > Limits::TERMS) {
            throw new TooLarge(Message::of('error.terms', ['limit' => Limits::TERMS]));
        }
        foreach ($terms as $term) {
            if ($term->coefficient->toInt() === null && $term->coefficient->length() > Limits::DIGITS) {
                throw new TooLarge(Message::of('error.digits', ['limit' => Limits::DIGITS]));
            }
        }
    }
}
