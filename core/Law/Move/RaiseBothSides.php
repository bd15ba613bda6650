<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/**
 * Both sides are raised to a power from the third on: of an odd one nothing is lost and nothing joins, of an even one
 * every solution is kept and others may join.
 */
final readonly class RaiseBothSides implements Move
{
    /** @param int $index 3 or more */
    public function __construct(public int $index) {}

    public function name(): string
    {
        return 'raise-both-sides';
    }

    public function operand(): ?Expression
    {
        return null;
    }

    public function conditions(): array
    {
        return [];
    }
}
