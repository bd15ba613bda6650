<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Law\Claim\SubjectOf;

/** A formula with another letter as its subject; where a square was undone, in two ways. */
final readonly class FormulaAnswer implements Answer
{
    use PlainAnswer;

    /**
     * @param non-empty-list<Expression> $results  what the letter equals, one or the other
     * @param Equation|null              $from     where squaring came first: the line from which on every step can be
     *                                             turned round
     * @param list<string>               $decimals the results rounded, where that is asked for
     */
    public function __construct(
        private string $subject,
        private array $results,
        private ?Equation $from = null,
        private array $decimals = [],
    ) {}

    /** @return non-empty-list<Expression> */
    public function results(): array
    {
        return $this->results;
    }

    /** @param list<string> $decimals the same results, rounded */
    public function withDecimals(array $decimals): self
    {
        return new self($this->subject, $this->results, $this->from, $decimals);
    }

    public function type(): AnswerType
    {
        return AnswerType::Formula;
    }

    public function node(): Equation|Alternatives
    {
        $equations = array_map(fn(Expression $result): Equation => new Equation(
            new Letter($this->subject),
            $result,
        ), $this->results);

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    public function claims(Expression|Equation $given): array
    {
        $formula = $this->from ?? ($given instanceof Equation ? $given : new Equation($given, $given));

        return array_map(
            fn(Expression $result): SubjectOf => new SubjectOf($formula, $this->subject, $result),
            $this->results,
        );
    }

    public function details(): array
    {
        return array_filter(['decimals' => $this->decimals]);
    }
}
