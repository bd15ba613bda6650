<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Rung;
use Runel\Lesson\ItemKind;

/** What a proposed lesson is for: a problem of its rung, and what that rung adds. */
final readonly class Aim implements Content
{
    use AboutProblem;

    public function __construct(public Rung $rung, private Demonstration $demonstration) {}

    public function kind(): ItemKind
    {
        return ItemKind::Goal;
    }
}
