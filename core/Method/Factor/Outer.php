<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Line;
use Runel\Demonstration\Move\Operation;
use Runel\Demonstration\Move\Rewrite;
use Runel\Demonstration\Move\ToBothSides;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** What stands around the trinomial while it is worked: the common factor and −1 in front, "= 0" behind an equation. */
final readonly class Outer
{
    private function __construct(private Trinomial $trinomial, private bool $equation) {}

    public static function of(Problem $problem, Trinomial $trinomial): self
    {
        return new self($trinomial, $problem->node instanceof Equation);
    }

    public function isEquation(): bool
    {
        return $this->equation;
    }

    /** A line in which the trinomial is written in some other way. */
    public function line(Expression ...$factors): Line
    {
        return $this->written($this->wrap(array_values($factors)));
    }

    /** A line of the whole, as it stands. */
    public function written(Expression $whole): Line
    {
        return $this->equation ? Line::equivalent(
            new Equation($whole, Numeral::of(0)),
            new Rewrite(),
        ) : Line::equal($whole);
    }

    /** Everything on one side, the right side of the equation taken from both. */
    public function gathered(Expression $whole, Equation $given): Line
    {
        return Line::equivalent(new Equation($whole, Numeral::of(0)), new ToBothSides(
            Operation::Subtract,
            $given->right,
        ));
    }

    /** The line that ends the factoring. */
    public function result(Expression $whole): Line
    {
        return $this->equation ? Line::result(
            new Equation($whole, Numeral::of(0)),
            new Rewrite(),
        ) : Line::result($whole);
    }

    /**
     * The common factor and the minus in front of some factors.
     *
     * @param list<Expression> $factors
     */
    public function wrap(array $factors): Expression
    {
        $content = $this->trinomial->content;
        $product = Product::of($content->isOne() ? $factors : [Numeral::of($content), ...$factors]);

        return $this->trinomial->negative ? new Negative($product) : $product;
    }

    /**
     * The finished factoring: equal brackets as a square, −1 outside or multiplied into exactly one bracket.
     *
     * @param array{Polynomial, Polynomial} $factors
     */
    public function finished(array $factors, bool $minusInside): Expression
    {
        [$first, $second] = $factors;
        $front = $this->trinomial->content->isOne() ? [] : [Numeral::of($this->trinomial->content)];
        if ($this->trinomial->negative && $minusInside) {
            return Product::of([...$front, $first->negated()->toExpression(), $second->toExpression()]);
        }
        $brackets = $first->equals($second)
            ? [new Power($first->toExpression(), Numeral::of(2))]
            : [$first->toExpression(), $second->toExpression()];

        return $this->wrap($brackets);
    }
}
