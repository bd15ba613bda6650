<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Claim\Claim;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;

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

    /**
     * What else the contract says of it, by name.
     *
     * @return array<string, Node|string|array<array-key, Node|string>>
     */
    public function details(): array;
}
