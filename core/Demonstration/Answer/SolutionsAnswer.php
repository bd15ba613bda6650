<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\SameSolutions;
use Runel\Law\Claim\Solves;

/** All solutions of an equation, each once, and the candidates that were none. */
final readonly class SolutionsAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param non-empty-list<Expression> $solutions
     * @param list<Expression>           $rejected
     * @param list<string>               $decimals  the solutions rounded, where that is asked for
     */
    public function __construct(
        private string $letter,
        private array $solutions,
        private array $rejected = [],
        private array $decimals = [],
    ) {}

    /** @param list<string> $decimals the same solutions, rounded */
    public function withDecimals(array $decimals): self
    {
        return new self($this->letter, $this->solutions, $this->rejected, $decimals);
    }

    /** @return non-empty-list<Expression> */
    public function solutions(): array
    {
        return $this->solutions;
    }

    public function type(): AnswerType
    {
        return AnswerType::Solutions;
    }

    public function node(): Equation|Alternatives
    {
        $equations = array_map(fn(Expression $solution): Equation => new Equation(
            new Letter($this->letter),
            $solution,
        ), $this->solutions);

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    public function claims(Expression|Equation $given): array
    {
        // Nothing solves an expression: the first claim then fails.
        $equation = $given instanceof Equation ? $given : new Equation($given, $given);
        $claims = [];
        foreach ($this->solutions as $place => $solution) {
            $claims[] = new Solves($equation, $this->letter, $solution);
            foreach (\array_slice($this->solutions, $place + 1) as $other) {
                $claims[] = new Comparison($solution, $other, false);
            }
        }
        foreach ($this->rejected as $candidate) {
            $claims[] = new DoesNotSolve($equation, $this->letter, $candidate);
        }

        return [new SameSolutions($given, $this->node()), ...$claims];
    }

    public function rejected(): array
    {
        return $this->rejected;
    }

    public function details(): array
    {
        return array_filter([
            'solutions' => $this->solutions,
            'rejected' => $this->rejected,
            'decimals' => $this->decimals,
        ]);
    }
}
