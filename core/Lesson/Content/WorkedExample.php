<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Difficulty;
use Runel\Lesson\ItemKind;

/** A problem shown by the tutor. */
final readonly class WorkedExample implements Content
{
    /** @param list<Difficulty> $traits what the problem has */
    public function __construct(private Demonstration $demonstration, private array $traits) {}

    public function kind(): ItemKind
    {
        return ItemKind::Demonstration;
    }

    public function demonstration(): Demonstration
    {
        return $this->demonstration;
    }

    public function builds(): array
    {
        return $this->traits;
    }

    public function isWritten(): bool
    {
        return true;
    }
}
