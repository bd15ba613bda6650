<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;

/**
 * The same value, written as it was asked for. Of an equation it is what stands there with 0 on the other side; or its
 * left side, where a product is multiplied out of which something is said.
 */
final readonly class ExpressionAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param Expression|null $multiple   what both sides of the equation have been multiplied by
     * @param bool            $isLeftSide of an equation: whether its left side alone is meant
     */
    public function __construct(
        private Expression $expression,
        private ?Expression $multiple = null,
        private bool $isLeftSide = false,
    ) {}

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
        $asked = match (true) {
            !$given instanceof Equation => $given,
            $this->isLeftSide => $given->left,
            default => Sum::of([$given->left, new Negative($given->right)]),
        };

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
