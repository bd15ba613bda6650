<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** Solving by factoring: of a quadratic or what stands as a product, with letters, by what is seen in higher powers. */
final readonly class Factoring implements Method
{
    public function __construct(
        private SolveByFactoring $quadratic,
        private SolveByStructure $structure,
        private LetteredFactoring $lettered,
    ) {}

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
        $isElse = $this->structure->refusal($task) === null || $this->lettered->refusal($task) === null;

        return $isElse ? null : $refusal;
    }

    public function demonstrate(Task $task): Demonstration
    {
        return match (true) {
            $this->quadratic->refusal($task) === null => $this->quadratic->demonstrate($task),
            $this->lettered->refusal($task) === null => $this->lettered->demonstrate($task),
            default => $this->structure->demonstrate($task),
        };
    }
}
