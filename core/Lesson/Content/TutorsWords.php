<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;

/** The tutor's own words: a goal, or a note. */
final readonly class TutorsWords implements Content
{
    private function __construct(private ItemKind $kind, public string $text) {}

    public static function goal(string $text): self
    {
        return new self(ItemKind::Goal, $text);
    }

    public static function note(string $text): self
    {
        return new self(ItemKind::Note, $text);
    }

    public function kind(): ItemKind
    {
        return $this->kind;
    }

    public function demonstration(): ?Demonstration
    {
        return null;
    }

    public function builds(): ?array
    {
        return null;
    }

    public function isWritten(): bool
    {
        return false;
    }
}
