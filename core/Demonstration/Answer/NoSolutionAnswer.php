<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\NoSolution;

/** No real number solves the equation. */
final readonly class NoSolutionAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param Equation         $contradiction the last line, which nothing makes true
     * @param list<Expression> $rejected
     */
    public function __construct(
        private string $letter,
        private Equation $contradiction,
        private array $rejected = [],
    ) {}

    public function type(): AnswerType
    {
        return AnswerType::None;
    }

    public function node(): Equation
    {
        return $this->contradiction;
    }

    public function claims(Expression|Equation $given): array
    {
        // Of an expression nothing can be without solutions: it equals itself for all numbers, and the claim fails.
        $equation = $given instanceof Equation ? $given : new Equation($given, $given);

        return [
            new NoSolution($equation),
            new NoSolution($this->contradiction),
            ...array_map(
                fn(Expression $candidate): DoesNotSolve => new DoesNotSolve($equation, $this->letter, $candidate),
                $this->rejected,
            ),
        ];
    }

    public function solutions(): array
    {
        return [];
    }

    public function rejected(): array
    {
        return $this->rejected;
    }

    public function details(): array
    {
        return array_filter(['rejected' => $this->rejected]);
    }
}
