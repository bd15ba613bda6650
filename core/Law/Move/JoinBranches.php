<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** What the branches have arrived at, said together. */
final readonly class JoinBranches implements Move
{
    public function name(): string
    {
        return 'join-branches';
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
