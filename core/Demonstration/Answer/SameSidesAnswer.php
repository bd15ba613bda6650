<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Identity;

/** Two sides are the same for every value of their letters. */
final readonly class SameSidesAnswer implements Answer
{
    use PlainAnswer;

    /** @param Equation $met what both have come to, on either side */
    public function __construct(private Equation $met) {}

    public function type(): AnswerType
    {
        return AnswerType::Identity;
    }

    public function node(): Equation
    {
        return $this->met;
    }

    public function claims(Expression|Equation $given): array
    {
        $sides = $given instanceof Equation ? [$given->left, $given->right] : [$given];

        return array_map(fn(Expression $side): Identity => new Identity($side, $this->met->left), $sides);
    }

    public function details(): array
    {
        return [];
    }
}
