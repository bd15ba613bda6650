<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;

/** One way to do one job. Its name in the contract is job.id. */
interface Method
{
    /** Unique within its job. */
    public function id(): string;

    public function job(): string;

    /** Why the method does not take the task, or null when it does. Never thrown. */
    public function refusal(Task $task): ?Refusal;

    /** Works the task in full. Only called when there is no refusal. */
    public function demonstrate(Task $task): Demonstration;
}
