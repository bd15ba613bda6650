<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Law\Claim\Claim;

/** What a demonstration arrives at, with what has to be proved of it. */
interface Answer
{
    public function type(): AnswerType;

    /** The answer as one piece of mathematics. */
    public function node(): Node;

    /**
     * Everything that has to hold for it to be the answer to what was asked.
     *
     * @return non-empty-list<Claim>
     */
    public function claims(Expression|Equation $given): array;

    /** @return list<Expression>|null none where there is none; null where no solutions are asked for */
    public function solutions(): ?array;

    /** @return list<Expression> candidates that turned out to solve nothing */
    public function rejected(): array;

    /** What a division comes to. */
    public function quotient(): ?Expression;

    /** What a division leaves. */
    public function remainder(): ?Expression;

    /**
     * What else the contract says of it, by name.
     *
     * @return array<string, Node|string|array<array-key, Node|string|list<Node>>>
     */
    public function details(): array;
}
