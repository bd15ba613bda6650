<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Law\Claim\Excluded;
use Runel\Law\Claim\SameWhereDefined;

/** The same value wherever the original has one, and the numbers at which it has none. */
final readonly class SimplifiedAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param string|null      $letter   the only one; null where there are several, or none
     * @param list<Expression> $excluded at which the original has no value; none are named of several letters
     */
    public function __construct(
        private Expression $expression,
        private ?string $letter = null,
        private array $excluded = [],
    ) {}

    /** @return list<Equation>|null the letter equal to each; null where they are not named */
    public function excluded(): ?array
    {
        $letter = $this->letter === null ? null : new Letter($this->letter);

        return $letter === null ? null : array_map(
            static fn(Expression $value): Equation => new Equation($letter, $value),
            $this->excluded,
        );
    }

    public function type(): AnswerType
    {
        return AnswerType::Expression;
    }

    public function node(): Expression
    {
        return $this->expression;
    }

    public function claims(Expression|Equation $given): array
    {
        $asked = $given instanceof Equation ? $given->left : $given;

        return [
            new SameWhereDefined($asked, $this->expression, $this->letter),
            ...($this->letter === null ? [] : [new Excluded($asked, $this->letter, $this->excluded)]),
        ];
    }

    public function details(): array
    {
        return array_filter(['excluded' => $this->excluded]);
    }
}
