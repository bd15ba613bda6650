<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** One polynomial over another, both factored; not reduced. The sign and all numbers that are fractions are above. */
final readonly class AlgebraicFraction
{
    /**
     * @param Polynomial         $top    as it stands above, over whole numbers
     * @param FactoredPolynomial $bottom its number whole and positive
     */
    private function __construct(public Polynomial $top, public FactoredPolynomial $bottom) {}

    /**
     * A term read as one fraction: quotients and products of polynomials, powers of them.
     *
     * @throws NotPolynomial  where a letter stands under a root or in an exponent, or below a line below a line
     * @throws DivisionByZero where 0 stands below
     */
    public static function read(Expression $term): self
    {
        if ($term instanceof Marked) {
            return self::read($term->content);
        }
        if ($term instanceof Negative) {
            $inside = self::read($term->operand);

            return new self($inside->top->negated(), $inside->bottom);
        }
        if ($term instanceof Quotient) {
            return self::over(self::read($term->numerator), Polynomial::fromExpression($term->denominator));
        }
        if ($term instanceof Product) {
            $product = new self(Polynomial::constant(1), FactoredPolynomial::one());
            foreach ($term->factors as $factor) {
                $product = $product->times(self::read($factor));
            }

            return $product;
        }
        $below = $term instanceof Power ? $term->turnedOver() : null;
        if ($below !== null) {
            return self::over(
                new self(Polynomial::constant(1), FactoredPolynomial::one()),
                Polynomial::fromExpression($below),
            );
        }

        return self::of(Polynomial::fromExpression($term), FactoredPolynomial::one());
    }

    public static function whole(Polynomial $polynomial): self
    {
        return self::of($polynomial, FactoredPolynomial::one());
    }

    /** Numbers below the line of a coefficient go below that of the whole. */
    public static function of(Polynomial $top, FactoredPolynomial $bottom): self
    {
        $below = Rational::one();
        foreach ($top->terms as $term) {
            $own = $term->coefficient->denominator();
            $below = $below->times($own)->dividedBy($below->commonDivisor($own));
        }

        return new self($top->scaledBy($below), $bottom->scaledBy($below));
    }

    public function times(self $other): self
    {
        return new self($this->top->times($other->top), $this->bottom->times($other->bottom));
    }

    public function plus(self $other): self
    {
        $common = $this->bottom->multiple($other->bottom);
        $raised = static fn(self $one): Polynomial => $one->top->times($common->over($one->bottom)->polynomial());

        return new self($raised($this)->plus($raised($other)), $common);
    }

    public function negated(): self
    {
        return new self($this->top->negated(), $this->bottom);
    }

    /** @throws DivisionByZero where the other one is 0 */
    public function dividedBy(self $other): self
    {
        return self::over(self::of($this->top->times($other->bottom->polynomial()), $this->bottom), $other->top);
    }

    /** Without what stands above and below. */
    public function reduced(): self
    {
        if ($this->top->isZero()) {
            return new self($this->top, FactoredPolynomial::one());
        }
        $top = FactoredPolynomial::unknownFirst($this->top);
        $common = $top->common($this->bottom);

        return new self($top->over($common)->polynomial(), $this->bottom->over($common));
    }

    /** As a book writes it: a minus before the line, terms with plus first. */
    public function toExpression(): Expression
    {
        return BookShape::written($this->top, $this->bottom);
    }

    /**
     * What it comes to times a denominator that its own goes into: above, times what its own lacks, brackets not
     * multiplied out.
     */
    public function cleared(FactoredPolynomial $common): Expression
    {
        $missing = $common->over($this->bottom);
        if ($this->top->isZero()) {
            return Numeral::of(0);
        }
        $monomial = $missing->monomial();
        $brackets = $missing->over($monomial);
        $isMinus = $this->top->terms[0]->coefficient->isNegative();
        $top = $isMinus ? $this->top->negated() : $this->top;
        // One term takes numbers and letters in; a sum keeps its bracket.
        $front = \count($top->terms) === 1
            ? [$top->times($monomial->polynomial())->toExpression()]
            : [...($monomial->isOne() ? [] : [$monomial->toExpression()]), $top->toExpression()];
        if ($front[0]->isOne() && !$brackets->isOne()) {
            $front = [];
        }
        $product = Product::of([...$front, ...($brackets->isOne() ? [] : $brackets->toExpression()->factors())]);

        return $product->signed($isMinus);
    }

    private static function over(self $top, Polynomial $below): self
    {
        if ($below->isZero()) {
            throw new DivisionByZero();
        }
        $factored = FactoredPolynomial::unknownFirst($below);
        $sign = $factored->number->isNegative() ? -1 : 1;
        $bottom = $top->bottom->times($factored->scaledBy(Rational::of($sign)));
        $scale = $bottom->number->denominator();

        return new self(
            $top->top->scaledBy(Rational::of($sign))->scaledBy($scale),
            $bottom->scaledBy($scale),
        );
    }
}
