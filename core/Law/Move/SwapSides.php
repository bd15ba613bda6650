<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** The two sides change places. */
final readonly class SwapSides implements Move
{
    public function name(): string
    {
        return 'swap-sides';
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
