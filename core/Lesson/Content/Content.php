<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Difficulty;
use Runel\Lesson\ItemKind;

/** What an item of a lesson holds: one class a kind. */
interface Content
{
    public function kind(): ItemKind;

    /** The problem it is about, worked; null where there is none. */
    public function demonstration(): ?Demonstration;

    /**
     * What is difficult in an example: examples build on one another.
     *
     * @return list<Difficulty>|null null where it is no example
     */
    public function builds(): ?array;

    /** Whether the tutor writes it out, on the board or on a page. */
    public function isWritten(): bool;
}
