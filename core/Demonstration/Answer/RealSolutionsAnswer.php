<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\SolutionCount;
use Runel\Law\Claim\Solves;

/** All real solutions of an equation that may have others: each solves it, they differ, and there are no more. */
final readonly class RealSolutionsAnswer implements Answer
{
    use PlainAnswer;

    private SolutionsAnswer $solutions;

    /**
     * @param non-empty-list<Expression> $solutions
     * @param list<string>               $decimals  the same, rounded
     */
    public function __construct(private string $letter, array $solutions, private array $decimals = [])
    {
        $this->solutions = new SolutionsAnswer($letter, $solutions, [], $decimals);
    }

    /** @param list<string> $decimals the same solutions, rounded */
    public function withDecimals(array $decimals): self
    {
        return new self($this->letter, $this->solutions->solutions(), $decimals);
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
        $solutions = $this->solutions->solutions();
        $claims = [new SolutionCount($equation, Numeral::of(\count($solutions)))];
        foreach ($solutions as $place => $solution) {
            $claims[] = new Solves($equation, $this->letter, $solution);
            foreach (\array_slice($solutions, $place + 1) as $other) {
                $claims[] = new Comparison($solution, $other, false);
            }
        }

        return $claims;
    }

    /** @return non-empty-list<Expression> */
    public function solutions(): array
    {
        return $this->solutions->solutions();
    }

    public function details(): array
    {
        return $this->solutions->details();
    }
}
