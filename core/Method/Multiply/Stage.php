<?php

declare(strict_types=1);

namespace Runel\Method\Multiply;

use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Polynomial\Polynomial;

/** One multiplication of two factors while the others wait. */
final readonly class Stage
{
    /**
     * @param int              $number from 1
     * @param list<Polynomial> $rest   the factors that wait
     */
    public function __construct(public int $number, public Pair $pair, public array $rest, private bool $only) {}

    /** An id for a step, unique over all stages. */
    public function id(string $name): string
    {
        return $this->only ? $name : "{$this->number}-$name";
    }

    public function isLast(): bool
    {
        return $this->rest === [];
    }

    /** The whole expression with this stage's two factors written in some way. */
    public function whole(Expression $product): Expression
    {
        return Product::of(
            [$product, ...array_map(static fn(Polynomial $factor): Expression => $factor->toExpression(), $this->rest)],
        );
    }

    /** The line that ends the stage: the product in standard form, the waiting factors behind it. */
    public function closing(): Line
    {
        $product = $this->pair->product->toExpression();

        return $this->isLast() ? Line::result($product) : Line::equal($this->whole($product));
    }
}
