<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** Solving by factoring: of a quadratic or what stands as a product, else by what is seen in higher powers. */
final readonly class Factoring implements Method
{
    public function __construct(private SolveByFactoring $quadratic, private SolveByStructure $structure) {}

    public function id(): string
    {
        return SolveByFactoring::ID;
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $refusal = $this->quadratic->refusal($task);

        return $refusal === null || $this->structure->refusal($task) === null ? null : $refusal;
    }

    public function demonstrate(Task $task): Demonstration
    {
        return $this->quadratic->refusal($task) === null
            ? $this->quadratic->demonstrate($task)
            : $this->structure->demonstrate($task);
    }
}
