<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** A quadratic equation in one letter as it stands: both sides multiplied out, and what all of it comes to. */
final readonly class Quadratic
{
    /**
     * @param Equation   $equation the equation, its sides exchanged where the square stands on the right alone
     * @param bool       $turned   whether they were exchanged
     * @param Polynomial $left     the left side multiplied out
     * @param Polynomial $right    the right side multiplied out
     * @param Rational   $a        of ax² + bx + c = 0; these are written as fractions, decimals or not
     */
    private function __construct(
        public Equation $equation,
        public bool $turned,
        public string $letter,
        public Polynomial $left,
        public Polynomial $right,
        public Rational $a,
        public Rational $b,
        public Rational $c,
    ) {}

    /** The quadratic equation a problem is about; null when it is none. */
    public static function ofProblem(Problem $problem): ?self
    {
        $node = $problem->node;
        $letter = $problem->letter();
        if (!$node instanceof Equation || $letter === null || $problem->polynomial?->isZero() !== false) {
            return null;
        }
        try {
            return self::of($node, $letter);
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
    }

    /** A number as it is written in the problem: decimals stay decimals. */
    public function like(): Rational
    {
        $left = $this->left->like();

        return $left->isDecimal() ? $left : $this->right->like();
    }

    public function discriminant(): Rational
    {
        return $this->b->times($this->b)->minus(Rational::of(4)->times($this->a)->times($this->c));
    }

    /** The side that is a square already, as (x − 4)², with nothing but a number opposite; null where there is none. */
    public function standingSquare(): ?Expression
    {
        $left = $this->equation->left;

        return StandingSquare::of($left) !== null && ($this->right->isZero() || $this->right->isConstant())
            ? $left
            : null;
    }

    /**
     * The term of the left side that is a square already, where nothing but one number stands beside it and a number
     * opposite; null where there is none, or no number beside it.
     */
    public function squareBesideNumber(): ?Expression
    {
        $terms = $this->equation->left->terms();
        $squares = array_values(array_filter(
            $terms,
            static fn(Expression $term): bool => !$term->isNumber() && StandingSquare::of($term) !== null,
        ));
        $isFit = \count($terms) === 2 && \count($squares) === 1
            && ($this->right->isZero() || $this->right->isConstant())
            && ($terms[0]->isNumber() || $terms[1]->isNumber());

        return $isFit ? $squares[0] : null;
    }

    private static function of(Equation $equation, string $letter): ?self
    {
        $left = Polynomial::fromExpression($equation->left);
        $right = Polynomial::fromExpression($equation->right);
        $degree = $left->isZero() ? 0 : $left->degree();
        $turned = !$right->isZero() && $right->degree() >= 2 && $right->degree() > $degree;
        if ($turned) {
            [$left, $right] = [$right, $left];
            $equation = new Equation($equation->right, $equation->left);
        }
        $whole = $left->minus($right);
        $letters = $whole->letters();
        if ($whole->isZero() || $whole->degree() !== 2 || $letters !== [$letter]) {
            return null;
        }
        $roots = array_filter([...$left->letters(), ...$right->letters()], Monomial::isConstant(...));

        return $roots !== [] ? null : new self(
            $equation,
            $turned,
            $letter,
            $left,
            $right,
            ...array_map(
                static fn(int $power): Rational => $whole->coefficient($letter, $power)->plain(),
                [2, 1, 0],
            ),
        );
    }
}
