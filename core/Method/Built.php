<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;

/**
 * What has been built for the task in hand, not yet audited: ranking the ways builds them all, and the one that is then
 * shown is among them. Only of the last task, so that nothing grows.
 */
final class Built
{
    private ?Task $task = null;
    /** @var array<string, Demonstration> by job and method */
    private array $demonstrations = [];

    public function by(Method $method, Task $task): Demonstration
    {
        if ($this->task !== $task) {
            [$this->task, $this->demonstrations] = [$task, []];
        }

        return $this->demonstrations["{$method->job()}.{$method->id()}"] ??= $method->demonstrate($task);
    }
}
