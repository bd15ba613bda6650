<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Equation;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** An equation in one letter in which no power above the first is left when all is gathered. */
final readonly class LinearEquation
{
    /**
     * @param Polynomial $left  multiplied out and collected
     * @param Polynomial $right multiplied out and collected
     */
    private function __construct(
        public Equation $equation,
        public string $letter,
        public Polynomial $left,
        public Polynomial $right,
    ) {}

    /** The linear equation a problem is about; null when it is none. */
    public static function ofProblem(Problem $problem): ?self
    {
        $node = $problem->node;
        $letter = $problem->letter();
        if (!$node instanceof Equation || $letter === null) {
            return null;
        }
        try {
            return self::of($node, $letter);
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
    }

    /** Whether it says the solution as it stands. */
    public function isSolved(): bool
    {
        $isLetter = static fn(Polynomial $side): bool => \count($side->terms) === 1
            && $side->terms[0]->coefficient->isOne() && $side->degree() === 1;

        return ($isLetter($this->left) && ($this->right->isZero() || $this->right->isConstant()));
    }

    /** A number as it is written in the problem: decimals stay decimals. */
    public function like(): Rational
    {
        $left = $this->left->like();

        return $left->isDecimal() ? $left : $this->right->like();
    }

    private static function of(Equation $equation, string $letter): ?self
    {
        $left = Polynomial::fromExpression($equation->left);
        $right = Polynomial::fromExpression($equation->right);
        $whole = $left->minus($right);
        $roots = array_filter([...$left->letters(), ...$right->letters()], Monomial::isConstant(...));

        return $roots !== [] || (!$whole->isZero() && $whole->degree() > 1)
            ? null
            : new self($equation, $letter, $left, $right);
    }
}
