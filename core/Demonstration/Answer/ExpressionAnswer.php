<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Claim\Identity;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** The same value, written as it was asked for. Of an equation it is what stands there with 0 on the other side. */
final readonly class ExpressionAnswer implements Answer
{
    /** @param Expression|null $multiple what both sides of the equation have been multiplied by */
    public function __construct(private Expression $expression, private ?Expression $multiple = null) {}

    public function type(): AnswerType
    {
        return AnswerType::Expression;
    }

    public function node(): Expression
    {
        return $this->expression;
    }

    public function claims(Expression|Equation $given): array
    {
        $asked = $given instanceof Equation ? Sum::of([$given->left, new Negative($given->right)]) : $given;

        return [new Identity(
            $this->multiple === null ? $asked : Product::of([$this->multiple, $asked]),
            $this->expression,
        )];
    }

    public function details(): array
    {
        return [];
    }
}
