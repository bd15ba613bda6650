<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Lesson\ItemKind;

/** A problem that the learner takes. */
final readonly class LearnersTurn implements Content
{
    use AboutProblem;

    public function __construct(private Demonstration $demonstration) {}

    public function kind(): ItemKind
    {
        return ItemKind::YourTurn;
    }
}
