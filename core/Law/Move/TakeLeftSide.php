<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** Where something is to be shown equal to a form, the work goes on with the left side alone. */
final readonly class TakeLeftSide implements Move
{
    public function name(): string
    {
        return 'take-left-side';
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
