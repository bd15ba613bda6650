<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\FactoredPolynomial;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** Polynomials multiplied and divided, read as what stands above and what below once all is one fraction. */
final readonly class FractionProduct
{
    /**
     * @param list<Expression> $above    as they are written
     * @param list<Expression> $below
     * @param list<Expression> $divisors all that may not be 0, in the order in which they stand
     * @param bool             $turns    whether something is divided by a fraction
     */
    private function __construct(
        public array $above,
        public array $below,
        public array $divisors,
        public bool $turns,
        public bool $isNegative,
    ) {}

    /** Null where it is something else. */
    public static function of(Expression $whole): ?self
    {
        $parts = ['above' => [], 'below' => [], 'divisors' => [], 'turns' => false, 'negative' => false];

        return self::read($whole, true, $parts) ? new self(
            $parts['above'],
            $parts['below'],
            $parts['divisors'],
            $parts['turns'],
            $parts['negative'],
        ) : null;
    }

    /** As one fraction, nothing multiplied out. */
    public function written(): Expression
    {
        $top = $this->above === [] ? Numeral::of(1) : Product::of($this->above);
        $fraction = $this->below === [] ? $top : new Quotient($top, Product::of($this->below));

        return $fraction->signed($this->isNegative);
    }

    /** What stands above, factored, with the sign of all. */
    public function top(): FactoredPolynomial
    {
        $top = $this->factored($this->above);

        return $this->isNegative ? $top->scaledBy(Rational::of(-1)) : $top;
    }

    public function bottom(): FactoredPolynomial
    {
        return $this->factored($this->below);
    }

    /** @param list<Expression> $parts */
    private function factored(array $parts): FactoredPolynomial
    {
        $product = FactoredPolynomial::one();
        foreach ($parts as $part) {
            $product = $product->times($this->factors($part));
        }

        return $product;
    }

    /** Over one term alone only a term can be cancelled, over a number a number: no more is taken out above. */
    public function factors(Expression $part): FactoredPolynomial
    {
        $isOverTerms = array_filter(
            $this->below,
            static fn(Expression $part): bool => \count(Polynomial::fromExpression($part)->terms) > 1,
        ) === [];
        if (!$isOverTerms) {
            return FactoredPolynomial::unknownFirst(Polynomial::fromExpression($part));
        }
        $product = FactoredPolynomial::one();
        foreach ($part->factors() as $factor) {
            // A power of a bracket stays one.
            $times = $factor->wholeExponent() ?? 1;
            $base = $times > 1 ? $factor->base() : $factor;
            $polynomial = Polynomial::fromExpression($base);
            $out = $this->isOverNumber()
                ? FactoredPolynomial::numberOutOf($polynomial)
                : FactoredPolynomial::termOutOf($polynomial);
            $product = $product->times($out->power(max(1, $times)));
        }

        return $product;
    }

    public function isOverNumber(): bool
    {
        return array_filter($this->below, static fn(Expression $part): bool => $part->number() === null) === [];
    }

    /**
     * @param array{above: list<Expression>, below: list<Expression>, divisors: list<Expression>, turns: bool,
     *              negative: bool} $parts
     */
    private static function read(Expression $node, bool $isAbove, array &$parts): bool
    {
        if ($node instanceof Marked) {
            return self::read($node->content, $isAbove, $parts);
        }
        if ($node instanceof Negative && Inside::holds($node, Quotient::class)) {
            $parts['negative'] = !$parts['negative'];

            return self::read($node->operand, $isAbove, $parts);
        }
        if ($node instanceof Product && Inside::holds($node, Quotient::class)) {
            foreach ($node->factors as $factor) {
                if (!self::read($factor, $isAbove, $parts)) {
                    return false;
                }
            }

            return true;
        }
        if ($node instanceof Quotient) {
            $parts['turns'] = $parts['turns'] || Inside::holds($node->denominator, Quotient::class);
            if (!$isAbove && Polynomial::tryFrom($node->denominator)?->isConstant() === false) {
                // Turned over it stands above, and may not be 0 all the same.
                $parts['divisors'][] = $node->denominator;
            }

            return self::read($node->numerator, $isAbove, $parts) && self::read($node->denominator, !$isAbove, $parts);
        }
        $polynomial = Polynomial::tryFrom($node);
        if ($polynomial === null || $polynomial->isZero()) {
            return false;
        }
        if (!$isAbove) {
            $parts['divisors'][] = $node;
        }
        if (!$node->isOne()) {
            $parts[$isAbove ? 'above' : 'below'][] = $node;
        }

        return true;
    }
}
