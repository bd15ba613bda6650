<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** The same is done to both sides. Multiplying and dividing need what is done with not to be 0. */
final readonly class ToBothSides implements Move
{
    /**
     * @param list<Expression> $conditions what may not be 0; an operand with letters belongs here when it multiplies or
     *                                     divides
     */
    public function __construct(
        public Operation $operation,
        public Expression $operand,
        private array $conditions = [],
    ) {}

    public function name(): string
    {
        return $this->operation->value;
    }

    public function operand(): Expression
    {
        return $this->operand;
    }

    public function conditions(): array
    {
        return $this->conditions;
    }
}
