<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\Moving;

/**
 * A linear expression set equal to a number, mostly 0, and solved in full: operations written on both sides, or the
 * number moved across.
 */
final readonly class LinearSteps
{
    public Rational $m;
    public Rational $r;
    private Rational $right;

    /**
     * @param string        $letter  the unknown
     * @param Expression    $written mx + r as it stands, in whatever order
     * @param Rational      $like    a number of the problem: a decimal or a fraction, as the solution is then
     * @param Rational|null $right   the number it is set equal to; left out, 0
     */
    public function __construct(
        private string $letter,
        private Expression $written,
        private Moving $moving,
        private Rational $like,
        ?Rational $right = null,
    ) {
        $polynomial = Polynomial::fromExpression($written);
        $this->m = $polynomial->coefficient($letter, 1);
        $this->r = $polynomial->coefficient($letter, 0);
        $this->right = $right ?? Rational::zero();
    }

    public function equation(): Equation
    {
        return new Equation($this->written, Numeral::of($this->right));
    }

    public function root(): Rational
    {
        return $this->left()->dividedBy($this->m)->like($this->like);
    }

    /** Whether it says the solution already. */
    public function isSolved(): bool
    {
        return $this->r->isZero() && $this->m->isOne();
    }

    /** Whether the unknown is divided by a number: x/3 rather than a third of x. */
    public function divides(): bool
    {
        return !$this->m->isInteger() && !$this->m->isDecimal() && $this->m->numerator()->isOne();
    }

    /** mx, as it is written: x/3 where the unknown is divided. */
    public function term(): Expression
    {
        return $this->divides()
            ? new Quotient(new Letter($this->letter), Numeral::of($this->m->denominator()))
            : (new Term($this->m, Monomial::power($this->letter, 1)))->toExpression();
    }

    /** What is left on the right when the number is taken away. */
    public function left(): Rational
    {
        return $this->right->minus($this->r);
    }

    public function step(string $id, ?Branch $branch): Step
    {
        $solution = Numeral::of($this->root());

        return new Step(
            id: $id,
            title: Message::of('solve.linear.title', ['factor' => $this->equation()]),
            why: $this->why(),
            lines: [...$this->withoutNumber($branch), ...$this->withoutCoefficient($branch)],
            question: Question::solutions(
                Message::of('solve.linear.ask', ['factor' => $this->equation()]),
                $this->equation(),
                $this->letter,
                [$solution],
            ),
            watch: !$this->r->isZero() && !$this->m->isNegative() ? Slip::SignNotTurned : null,
        );
    }

    private function across(): bool
    {
        return $this->moving === Moving::Across;
    }

    /** @return list<Line> the number taken away from both sides, or moved across */
    public function withoutNumber(?Branch $branch): array
    {
        if ($this->r->isZero()) {
            return [];
        }
        $operation = $this->r->isNegative() ? Operation::Add : Operation::Subtract;
        $move = new ToBothSides($operation, Numeral::of($this->r->absolute()));
        $left = $this->term();
        $after = new Equation($left, Numeral::of($this->left()));
        if ($this->across()) {
            $crossed = $this->right->isZero() ? null : BothSides::crossed(
                $this->written->terms(),
                [Numeral::of($this->right)],
                [Numeral::of($this->r)],
            );

            return $crossed === null
                ? [Line::equivalent($after, $move, $branch)]
                : [Line::equivalent($crossed, $move, $branch), Line::equivalent($after, new Rewrite(), $branch)];
        }
        $size = Numeral::of($this->r->absolute());
        $taken = $this->r->isNegative() ? $size : new Negative($size);
        $terms = $this->written->terms();

        return [
            Line::equivalent(
                new Equation(
                    BothSides::struck($terms, [$taken]),
                    BothSides::struck([Numeral::of($this->right)], [$taken]),
                ),
                $move,
                $branch,
            ),
            Line::equivalent($after, new Rewrite(), $branch),
        ];
    }

    /** @return list<Line> both sides divided by the coefficient; −x turned by −1, x/n multiplied by n */
    public function withoutCoefficient(?Branch $branch): array
    {
        if ($this->m->isOne()) {
            return [];
        }
        $solved = new Equation(new Letter($this->letter), Numeral::of($this->root()));
        if ($this->m->negated()->isOne()) {
            $move = new ToBothSides(Operation::Multiply, Numeral::of(-1));
            $times = new Equation(
                Product::apart([Numeral::of(-1), $this->term()]),
                Product::apart([Numeral::of(-1), Numeral::of($this->left())]),
            );

            return $this->across() || $this->left()->isZero()
                ? [Line::equivalent($solved, $move, $branch)]
                : [Line::equivalent($times, $move, $branch), Line::equivalent($solved, new Rewrite(), $branch)];
        }
        if (!$this->m->isInteger() && !$this->m->isDecimal()) {
            return $this->timesReciprocal($solved, $branch);
        }
        $m = Numeral::of($this->m);
        $move = new ToBothSides(Operation::Divide, $m);
        $right = $this->left();
        if ($this->across() || $right->isZero()) {
            return [Line::equivalent($solved, $move, $branch)];
        }
        $left = $this->term();
        $divided = new Equation(new Quotient($left, $m), new Quotient(Numeral::of($right), $m));

        return [Line::equivalent($divided, $move, $branch), Line::equivalent($solved, new Rewrite(), $branch)];
    }

    /** @return non-empty-list<Line> a fraction in front is undone by multiplying with what it is turned over */
    private function timesReciprocal(Equation $solved, ?Branch $branch): array
    {
        $by = Numeral::of($this->m->reciprocal());
        $move = new ToBothSides(Operation::Multiply, $by);
        if ($this->across() || $this->left()->isZero()) {
            return [Line::equivalent($solved, $move, $branch)];
        }
        $left = $this->term();

        return [
            Line::equivalent(new Equation(
                Product::apart([$by, $left]),
                Product::apart([$by, Numeral::of($this->left())]),
            ), $move, $branch),
            Line::equivalent($solved, new Rewrite(), $branch),
        ];
    }

    private function why(): Message
    {
        $size = Numeral::of($this->r->absolute());
        $first = match (true) {
            $this->r->isZero() => null,
            $this->across() => Message::of('solve.linear.across', [
                'from' => Numeral::of($this->r),
                'to' => Numeral::of($this->r->negated()),
            ]),
            $this->r->isNegative() => Message::of('solve.linear.add', ['number' => $size]),
            default => Message::of('solve.linear.subtract', ['number' => $size]),
        };
        $second = match (true) {
            $this->m->isOne() => null,
            $this->m->negated()->isOne() => Message::of('solve.linear.turn'),
            !$this->m->isInteger() && !$this->m->isDecimal() => Message::of('solve.linear.multiply', [
                'number' => Numeral::of($this->m->reciprocal()),
            ]),
            default => Message::of('solve.linear.divide', ['number' => Numeral::of($this->m)]),
        };

        return match (true) {
            $first !== null && $second !== null => Message::of('solve.linear.both', [
                'first' => $first,
                'second' => $second,
            ]),
            default => $first ?? $second ?? throw new \LogicException('The letter stands alone already.'),
        };
    }
}
