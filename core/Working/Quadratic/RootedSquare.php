<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\SquareRoot;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Law\Move\Operation;
use Runel\Law\Move\ToBothSides;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Style\AfterRoot;
use Runel\Style\HouseStyle;
use Runel\Style\Moving;
use Runel\Style\RootOfFraction;
use Runel\Working\NumberInFront;

/** (mx + n)² = D, of which the root is taken, and what the letter is then. */
final readonly class RootedSquare
{
    public Rational $m;
    public Rational $n;

    /**
     * @param Expression $base     mx + n, as it stands in the square
     * @param Equation   $equation the square on one side, the value on the other
     * @param Rational   $like     a number of the problem: a decimal, as rational solutions are then, or none
     */
    public function __construct(
        public Equation $problem,
        public string $letter,
        public Expression $base,
        public Rational $value,
        public Equation $equation,
        public HouseStyle $style,
        public Rational $like,
    ) {
        $polynomial = Polynomial::fromExpression($base);
        $this->m = $polynomial->coefficient($letter, 1);
        $this->n = $polynomial->coefficient($letter, 0);
    }

    /** Without the number: mx. */
    public function withLetter(): Expression
    {
        return Polynomial::ofCoefficients($this->letter, [$this->m, Rational::zero()])->toExpression();
    }

    public function isAcross(): bool
    {
        return $this->style->get(Moving::class) === Moving::Across;
    }

    /** n taken from a side, or its size added where it is negative. */
    public function taken(): Expression
    {
        $size = $this->size();

        return $this->n->isNegative() ? $size : new Negative($size);
    }

    /** n without its sign. */
    public function size(): Expression
    {
        return Numeral::of($this->n->absolute());
    }

    /** What is done to both sides for mx to stand alone. */
    public function taking(): ToBothSides
    {
        return new ToBothSides($this->n->isNegative() ? Operation::Add : Operation::Subtract, $this->size());
    }

    /** Whether each of the two equations is solved by itself. */
    public function isApart(): bool
    {
        return $this->style->get(AfterRoot::class) === AfterRoot::TwoEquations
            && (!$this->n->isZero() || !$this->m->isOne());
    }

    /** The same without what the root is divided by. */
    public function whole(Quotient $base): self
    {
        $by = Evaluation::rational($base->denominator);
        $value = $this->value->times($by)->times($by);

        return new self(
            $this->problem,
            $this->letter,
            $base->numerator,
            $value,
            new Equation(new Power($base->numerator, Numeral::of(2)), Numeral::of($value)),
            $this->style,
            $this->like,
        );
    }

    /** What is done to both sides to be rid of what the root is divided by. */
    public static function below(Quotient $base): NumberInFront
    {
        return NumberInFront::of(Rational::one()->dividedBy(Evaluation::rational($base->denominator)));
    }

    /** The root of a fraction as the house leaves it; where the letter has a number of its own, no root stays below. */
    public function asWritten(SquareRoot $root): SquareRoot
    {
        return match (true) {
            !$this->m->isOne() => $root,
            $this->style->get(RootOfFraction::class) === RootOfFraction::Split => $root->split(),
            $this->style->get(RootOfFraction::class) === RootOfFraction::Kept => $root->kept(),
            default => $root,
        };
    }

    /** mx + n = s or mx + n = −s. */
    public function either(Expression $size): Alternatives
    {
        return new Alternatives([
            new Equation($this->base, $size),
            new Equation($this->base, new Negative($size)),
        ], $this->isApart());
    }

    /** The letter, where mx + n is a value. */
    public function solution(Rational $value): Rational
    {
        return $value->minus($this->n)->dividedBy($this->m)->like($this->like);
    }

    /** The letter, where mx + n is plus or minus a root. */
    public function exact(SquareRoot $root, bool $minus, bool $combined): Expression
    {
        $square = $this->value->dividedBy($this->m->times($this->m));
        $real = SquareRoot::of($square->absolute());
        $scaled = match (true) {
            $real === null => $root,
            $square->isNegative() => $real->ofOpposite(),
            default => $real,
        };
        $number = $this->n->negated()->dividedBy($this->m);

        return $this->asWritten($scaled)->beside($number, $minus !== $this->m->isNegative(), $combined);
    }
}
