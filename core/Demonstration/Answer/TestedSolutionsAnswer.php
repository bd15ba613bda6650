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
     * @param list<string>               $decimals  the solutions rounded, where that was asked for
     */
    public function __construct(
        private string $letter,
        array $solutions,
        private array $rejected,
        array $decimals = [],
    ) {
        $this->solutions = new SolutionsAnswer($letter, $solutions, $rejected, $decimals);
    }

    /** @param list<string> $decimals one a solution */
    public function withDecimals(array $decimals): self
    {
        return new self($this->letter, $this->solutions->solutions(), $this->rejected, $decimals);
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
