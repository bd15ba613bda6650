<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;
use Runel\Slip\Slip;

/** A slip, and a problem it lurks in. */
final readonly class Caution implements Content
{
    public function __construct(private Demonstration $demonstration, public Slip $slip) {}

    public function kind(): ItemKind
    {
        return ItemKind::Warning;
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
        return false;
    }
}
