<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Demonstration\Task;
use Runel\Job\Solve\CompletingSquare;
use Runel\Method\Family;
use Runel\Method\Offer;
use Runel\Problem\Job;

/** Completing the square as a job of its own: of an equation, and of a function or an expression. */
final readonly class CompleteSquareFamily implements Family
{
    public function job(): Job
    {
        return Job::CompleteSquare;
    }

    public function methods(): array
    {
        return [CompletingSquare::completing(), new Vertex()];
    }

    public function rank(Offer $offer, Task $task): array
    {
        return [];
    }

    public function choices(): array
    {
        return [];
    }
}
