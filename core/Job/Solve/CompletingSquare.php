<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Working\Quadratic\BySquare;

/** A quadratic equation solved by completing the square. */
final readonly class CompletingSquare implements Method
{
    public function id(): string
    {
        return 'completing-square';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return BySquare::refusal($task);
    }

    public function demonstrate(Task $task): Demonstration
    {
        return BySquare::demonstrate($task, $this);
    }
}
