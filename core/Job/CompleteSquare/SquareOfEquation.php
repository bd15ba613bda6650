<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Working\Quadratic\BySquare;

/** The square completed in a quadratic equation, and its solutions read off. */
final readonly class SquareOfEquation implements Method
{
    public function id(): string
    {
        return 'equation';
    }

    public function job(): string
    {
        return CompleteSquareFamily::JOB;
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
