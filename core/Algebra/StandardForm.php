<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Problem;

/**
 * What is to be factored: an expression, or all that an equation has, on one side and without fractions. The sides
 * change places where the square stands on the right alone, and where that is wanted so that it keeps a plus.
 */
final readonly class StandardForm
{
    /**
     * @param Equation|null   $equation   the equation, its sides exchanged where that helps; null for an expression
     * @param bool            $turned     whether the sides were exchanged
     * @param Polynomial|null $left       of an equation, multiplied out
     * @param Polynomial|null $right      of an equation, multiplied out
     * @param Rational        $multiplier what clears the fractions of an equation, else 1
     * @param Polynomial      $whole      what is factored
     */
    private function __construct(
        public ?Equation $equation,
        public bool $turned,
        public ?Polynomial $left,
        public ?Polynomial $right,
        public Rational $multiplier,
        public Polynomial $whole,
    ) {}

    /**
     * What a problem is about; null where that is no polynomial, or nothing at all.
     *
     * @param bool $positive whether an equation is gathered where its highest power keeps a plus
     */
    public static function ofProblem(Problem $problem, bool $positive = false): ?self
    {
        try {
            return self::of($problem, $positive);
        } catch (NotPolynomial | DivisionByZero | TooLarge) {
            return null;
        }
    }

    /** Whether 0 stands on the right already. */
    public function isZeroed(): bool
    {
        return $this->equation === null
            || ($this->equation->right instanceof Numeral && $this->equation->right->value->isZero());
    }

    /** By what the difference of the sides, as they were typed, has been multiplied; null for 1. */
    public function multiple(): ?Expression
    {
        $multiple = $this->turned ? $this->multiplier->negated() : $this->multiplier;

        return $multiple->isOne() ? null : Numeral::of($multiple);
    }

    /** All on the left, fractions not yet cleared. */
    public function difference(): Polynomial
    {
        return $this->left === null || $this->right === null ? $this->whole : $this->left->minus($this->right);
    }

    private static function of(Problem $problem, bool $positive): ?self
    {
        if ($problem->polynomial === null || $problem->polynomial->isZero()) {
            return null;
        }
        $node = $problem->node;
        if (!$node instanceof Equation) {
            return new self(null, false, null, null, Rational::one(), $problem->polynomial);
        }
        $left = Polynomial::fromExpression($node->left);
        $right = Polynomial::fromExpression($node->right);
        $turned = ($right->degree() >= 2 && $right->degree() > ($left->isZero() ? 0 : $left->degree()))
            || ($positive && $left->minus($right)->terms[0]->coefficient->isNegative());
        if ($turned) {
            [$left, $right] = [$right, $left];
            $node = new Equation($node->right, $node->left);
        }
        $difference = $left->minus($right);
        $multiplier = self::clearing($difference);

        return new self($node, $turned, $left, $right, $multiplier, $difference->scaledBy($multiplier));
    }

    /** The least number that makes all coefficients whole: of decimals a power of ten. */
    private static function clearing(Polynomial $polynomial): Rational
    {
        $multiplier = Rational::one();
        foreach ($polynomial->terms as $term) {
            while ($term->coefficient->isDecimal() && !self::whole($term, $multiplier)) {
                $multiplier = $multiplier->times(Rational::of(10));
                if ($multiplier->length() > 18) {
                    return Rational::one();
                }
            }
            if (!self::whole($term, $multiplier)) {
                $multiplier = $multiplier->times($term->coefficient->times($multiplier)->denominator());
            }
        }

        return $multiplier;
    }

    private static function whole(Term $term, Rational $multiplier): bool
    {
        return $term->coefficient->times($multiplier)->isInteger();
    }
}
