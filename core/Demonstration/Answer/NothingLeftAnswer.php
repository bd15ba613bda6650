<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\NoSolution;

/**
 * No number solves the equation: the lines, each of which follows from the one before, leave nothing, or what they
 * leave fails when it is put into the original.
 */
final readonly class NothingLeftAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param Equation         $end      the line nothing solves, or the original with the last candidate put in
     * @param list<Expression> $rejected the candidates; none where the lines themselves leave nothing
     */
    public function __construct(private string $letter, private Equation $end, private array $rejected) {}

    public function type(): AnswerType
    {
        return AnswerType::None;
    }

    public function node(): Equation
    {
        return $this->end;
    }

    public function claims(Expression|Equation $given): array
    {
        $equation = $given instanceof Equation ? $given : new Equation($given, $given);

        return $this->rejected === [] ? [new NoSolution($this->end)] : array_map(
            fn(Expression $candidate): DoesNotSolve => new DoesNotSolve($equation, $this->letter, $candidate),
            $this->rejected,
        );
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
