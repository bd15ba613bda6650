<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;

/** Two ways for one problem, side by side. */
final readonly class TwoWays implements Content
{
    public function __construct(private Demonstration $demonstration) {}

    public function kind(): ItemKind
    {
        return ItemKind::TwoWays;
    }

    public function demonstration(): Demonstration
    {
        return $this->demonstration;
    }

    public function builds(): null
    {
        return null;
    }

    public function isWritten(): bool
    {
        return true;
    }
}
