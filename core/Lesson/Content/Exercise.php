<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;

/** Practice on paper or at home. */
final readonly class Exercise implements Content
{
    /** @param int $count how many problems */
    public function __construct(public int $count) {}

    public function kind(): ItemKind
    {
        return ItemKind::Set;
    }

    public function demonstration(): ?Demonstration
    {
        return null;
    }

    public function builds(): null
    {
        return null;
    }

    public function isWritten(): bool
    {
        return false;
    }
}
