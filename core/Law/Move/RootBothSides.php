<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** The root of both sides is taken: one side equals the root or, of an even index, its opposite. */
final readonly class RootBothSides implements Move
{
    /** @param int $index 2 for a square root */
    public function __construct(public int $index = 2) {}

    public function name(): string
    {
        return 'root-both-sides';
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
