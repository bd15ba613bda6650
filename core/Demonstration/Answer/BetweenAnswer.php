<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\RootsBetween;

/** Real solutions that are not written down: how many there are, and between which numbers each of them lies. */
final readonly class BetweenAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param Equation                                      $equation what they solve
     * @param non-empty-list<array{Expression, Expression}> $pairs    rising, one solution between the two of each
     */
    public function __construct(private string $letter, private Equation $equation, private array $pairs) {}

    /** @return non-empty-list<array{Expression, Expression}> */
    public function pairs(): array
    {
        return $this->pairs;
    }

    public function type(): AnswerType
    {
        return AnswerType::Between;
    }

    public function node(): Equation
    {
        return $this->equation;
    }

    public function claims(Expression|Equation $given): array
    {
        $problem = $given instanceof Equation ? $given : new Equation($given, $given);

        return [
            new RootsBetween($problem, $this->letter, $this->pairs),
            new RootsBetween($this->equation, $this->letter, $this->pairs),
        ];
    }

    public function details(): array
    {
        return ['between' => $this->pairs];
    }
}
