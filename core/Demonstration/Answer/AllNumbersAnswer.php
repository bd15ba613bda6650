<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Law\Claim\AllSolve;
use Runel\Law\Claim\Excluded;

/** Every number solves the equation for which both sides have a value. */
final readonly class AllNumbersAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param Equation         $identity the last line, true whatever the letter is
     * @param string|null      $letter   the letter, where something can be excluded
     * @param list<Expression> $excluded at which a side has no value
     */
    public function __construct(
        private Equation $identity,
        private ?string $letter = null,
        private array $excluded = [],
    ) {}

    /** @return list<Equation> the letter equal to each number that solves nothing */
    public function excluded(): array
    {
        $letter = $this->letter;

        return $letter === null ? [] : array_map(
            static fn(Expression $value): Equation => new Equation(new Letter($letter), $value),
            $this->excluded,
        );
    }

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
        return [
            new AllSolve($given instanceof Equation ? $given : $this->identity),
            new AllSolve($this->identity),
            ...($this->letter === null ? [] : [new Excluded($given, $this->letter, $this->excluded)]),
        ];
    }

    public function details(): array
    {
        return array_filter(['excluded' => $this->excluded]);
    }
}
