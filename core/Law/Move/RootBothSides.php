<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** The root of both sides is taken: one side equals the root, or its opposite. */
final readonly class RootBothSides implements Move
{
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
