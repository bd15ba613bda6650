<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** Each side is written in another way and keeps its value. */
final readonly class Rewrite implements Move
{
    public function name(): string
    {
        return 'rewrite';
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
