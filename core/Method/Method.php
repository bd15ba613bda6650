<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Problem\Job;

/** One way to do one job. */
interface Method
{
    public function id(): string;

    public function job(): Job;

    /** Why the method does not fit the task, or null when it does. */
    public function refusal(Task $task): ?Message;

    /**
     * Works the task in full. Only called when there is no refusal.
     *
     * @throws TooLarge when the work would pass a limit
     */
    public function demonstrate(Task $task): Demonstration;
}
