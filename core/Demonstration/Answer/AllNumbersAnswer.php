<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\AllSolve;

/** Every number solves the equation for which both sides have a value. */
final readonly class AllNumbersAnswer implements Answer
{
    use PlainAnswer;

    /** @param Equation $identity the last line, true whatever the letter is */
    public function __construct(private Equation $identity) {}

    public function type(): AnswerType
    {
        return AnswerType::All;
    }

    public function node(): Equation
    {
        return $this->identity;
    }

    public function claims(Expression|Equation $given): array
    {
        return [new AllSolve($given instanceof Equation ? $given : $this->identity), new AllSolve($this->identity)];
    }

    public function details(): array
    {
        return [];
    }
}
