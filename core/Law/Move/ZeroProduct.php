<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** A product is 0: one of its factors is. */
final readonly class ZeroProduct implements Move
{
    public function name(): string
    {
        return 'zero-product';
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
