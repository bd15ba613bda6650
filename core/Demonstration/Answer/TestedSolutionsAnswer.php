<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Solves;

/**
 * What is left of the candidates when each has been put into the original. That no other number solves it is what the
 * lines prove: each keeps all solutions of the one before.
 */
final readonly class TestedSolutionsAnswer implements Answer
{
    use PlainAnswer;

    private SolutionsAnswer $solutions;

    /**
     * @param non-empty-list<Expression> $solutions
     * @param list<Expression>           $rejected
     */
    public function __construct(private string $letter, array $solutions, private array $rejected)
    {
        $this->solutions = new SolutionsAnswer($letter, $solutions, $rejected);
    }

    public function type(): AnswerType
    {
        return AnswerType::Solutions;
    }

    public function node(): Equation|Alternatives
    {
        return $this->solutions->node();
    }

    public function claims(Expression|Equation $given): array
    {
        $equation = $given instanceof Equation ? $given : new Equation($given, $given);
        $claims = [];
        foreach ($this->solutions->solutions() as $place => $solution) {
            $claims[] = new Solves($equation, $this->letter, $solution);
            foreach (\array_slice($this->solutions->solutions(), $place + 1) as $other) {
                $claims[] = new Comparison($solution, $other, false);
            }
        }
        foreach ($this->rejected as $candidate) {
            $claims[] = new DoesNotSolve($equation, $this->letter, $candidate);
        }

        return $claims;
    }

    public function solutions(): array
    {
        return $this->solutions->solutions();
    }

    public function rejected(): array
    {
        return $this->rejected;
    }

    public function details(): array
    {
        return $this->solutions->details();
    }
}
