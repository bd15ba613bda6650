<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;

/** Can write an expression more simply as a part of other work. */
interface Simplifies
{
    /** By the way that is offered first; null where there is nothing to simplify. */
    public function simplification(Task $task): ?Demonstration;
}
