<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;

/** Where a method that fails against all expectation is noted, so that it takes none of the others with it. */
interface Incidents
{
    public function note(\Throwable $fault, Task $task, string $method): void;
}
