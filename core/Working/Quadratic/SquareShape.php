<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\PairRow;
use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Style\HalfSquared;
use Runel\Style\HouseStyle;
use Runel\Style\Leading;
use Runel\Style\SquareBooks;
use Runel\Style\SquareOrder;
use Runel\Working\BothSides;

/** The numbers of a square that is completed, and how its lines are written while it is. */
final readonly class SquareShape
{
    public Letter $x;
    /** The middle coefficient once 1 stands before the square, its half, and the half's square. */
    public Rational $p;
    public Rational $half;
    public Rational $square;
    /** What stands in front of the bracket while the gap is filled: 1 where the equation is divided by a. */
    public Rational $outside;
    /** The number on the right while the gap is filled; its opposite stands on the left where it stays. */
    public Rational $right;
    public SquareBooks $books;
    private HalfSquared $written;

    public function __construct(public Quadratic $quadratic, HouseStyle $style)
    {
        $this->x = new Letter($quadratic->letter);
        $this->p = $quadratic->b->dividedBy($quadratic->a);
        $this->half = $this->p->dividedBy(Rational::of(2));
        $this->square = $this->half->times($this->half);
        $k = $quadratic->c->negated();
        $divided = $k->dividedBy($quadratic->a);
        $divides = match (true) {
            $style->get(SquareOrder::class) === SquareOrder::AllTerms => true,
            $style->get(Leading::class) === Leading::Divide => true,
            $style->get(Leading::class) === Leading::FactorOut => false,
            default => $this->p->isInteger() && $divided->isInteger(),
        };
        $this->outside = $divides ? Rational::one() : $quadratic->a;
        $this->right = $divides ? $divided : $k;
        $this->books = $style->get(SquareBooks::class);
        $this->written = $style->get(HalfSquared::class);
    }

    /** What the square comes to: D in (x + h)² = D. */
    public function value(): Rational
    {
        return $this->quadratic->c->negated()->dividedBy($this->quadratic->a)->plus($this->square);
    }

    /** x + h. */
    public function base(): Expression
    {
        return Sum::of([$this->x, $this->half->isNegative()
            ? new Negative(Numeral::of($this->half->absolute()))
            : Numeral::of($this->half)]);
    }

    /** Whether the half stays a square until the numbers are worked out. */
    public function keepsSquare(): bool
    {
        return $this->written !== HalfSquared::Evaluate;
    }

    /** The half's square as the house writes it: 25/4, (5/2)², or with the sign inside, (−5/2)². */
    public function squareWritten(): Expression
    {
        return HalfSquare::written($this->half, $this->written);
    }

    /** x² + px. */
    public function monic(): Polynomial
    {
        return Polynomial::ofCoefficients($this->quadratic->letter, [Rational::one(), $this->p, Rational::zero()]);
    }

    /** x² + px and something. */
    public function withTerms(Expression $last): Expression
    {
        return BothSides::with($this->monic(), [$last]);
    }

    /** The trinomial that is a perfect square. */
    public function trinomial(): Expression
    {
        return $this->monic()->plus(Polynomial::constant($this->square))->toExpression();
    }

    public function inFront(Expression $inside): Expression
    {
        return Product::withFront(Numeral::of($this->outside), $inside);
    }

    /** As often as it counts outside the bracket. */
    public function times(Expression $added): Expression
    {
        return $this->outside->isOne() ? $added : Product::apart([Numeral::of($this->outside), $added]);
    }

    public function number(): Expression
    {
        return Numeral::of($this->right);
    }

    public function plus(Expression $added): Expression
    {
        return $this->right->isZero() ? $added : Sum::of([$this->number(), $added]);
    }

    /** The equation before anything is added. */
    public function open(): Equation
    {
        $inside = $this->inFront($this->monic()->toExpression());
        if ($this->books !== SquareBooks::Stay) {
            return new Equation($inside, $this->number());
        }
        $whole = $this->right->isZero() || $this->outside->isOne() === false
            ? Sum::of([$inside, ...$this->staying()])
            : $this->monic()->plus(Polynomial::constant($this->right->negated()))->toExpression();

        return new Equation($whole, Numeral::of(0));
    }

    /**
     * The equation with something added, as the books are kept: on both sides, or taken away again beside it.
     *
     * @param Expression $inside what stands in the bracket
     * @param Expression $added  what was added in it
     */
    public function balanced(Expression $inside, Expression $added): Equation
    {
        $left = $this->inFront($inside);
        $taken = new Negative($this->times($added));

        return match ($this->books) {
            SquareBooks::BothSides => $this->crossed($inside, $added),
            SquareBooks::SameSide => new Equation(Sum::of([$left, $taken]), $this->number()),
            SquareBooks::Stay => new Equation(Sum::of([$left, $taken, ...$this->staying()]), Numeral::of(0)),
        };
    }

    /** The same with everything but the bracket on the right. */
    public function crossed(Expression $inside, Expression $added): Equation
    {
        return new Equation($this->inFront($inside), $this->plus($this->times($added)));
    }

    /** The square beside its strips, and the corner that is missing. */
    public function tiles(): SquareTilesFigure
    {
        return SquareTilesFigure::open(
            $this->x,
            Numeral::of($this->half->absolute()),
            Numeral::of($this->square),
            Numeral::of($this->p),
            $this->half->isNegative(),
        );
    }

    /** That it is a square: the half twice has the product and the sum that are wanted. Only where it is whole. */
    public function pair(): ?PairHuntFigure
    {
        $half = $this->half->toInt();

        return $half === null || abs($half) > 1_000_000
            ? null
            : (new PairHuntFigure($half * $half, 2 * $half))->with(new PairRow(1, $half, $half, true));
    }

    /** @return list<Expression> the number where it stays on the left; none where there is none */
    private function staying(): array
    {
        $opposite = Numeral::of($this->right->absolute());

        return match (true) {
            $this->right->isZero() => [],
            $this->right->isNegative() => [$opposite],
            default => [new Negative($opposite)],
        };
    }
}
