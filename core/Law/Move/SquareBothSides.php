<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** Both sides are squared: every solution is kept, others may join. */
final readonly class SquareBothSides implements Move
{
    public function name(): string
    {
        return 'square-both-sides';
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
