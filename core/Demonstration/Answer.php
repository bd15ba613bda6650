<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Expression\Expression;
use Runel\Expression\Node;

/** What a demonstration arrives at. */
final readonly class Answer
{
    /**
     * @param list<Expression>          $solutions each once
     * @param list<Expression>          $rejected  candidates that failed
     * @param array<string, Expression> $letters   the value found for each named coefficient
     */
    private function __construct(
        public AnswerType $type,
        public Node $node,
        public array $solutions = [],
        public array $rejected = [],
        public array $letters = [],
    ) {}

    public static function expression(Expression $expression): self
    {
        return new self(AnswerType::Expression, $expression);
    }

    /** @param array<string, Expression> $letters */
    public static function namedCoefficients(Expression $expression, array $letters): self
    {
        return new self(AnswerType::Expression, $expression, letters: $letters);
    }

    /**
     * @param Node                       $node      the solutions as equations, joined by "or"
     * @param non-empty-list<Expression> $solutions each once
     */
    public static function solutions(Node $node, array $solutions): self
    {
        return new self(AnswerType::Solutions, $node, $solutions);
    }
}
