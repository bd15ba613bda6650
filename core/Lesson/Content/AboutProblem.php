<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;

/** What is about one problem, is no example, and is not written out by the tutor. */
trait AboutProblem
{
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
