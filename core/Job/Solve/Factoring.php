<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;

/**
 * Solving by factoring: what stands in every term, a quadratic or what stands as a product, with letters, what is seen
 * in higher powers.
 */
final readonly class Factoring implements Method
{
    public function __construct(
        private SolveBySameBracket $bracket,
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
        if ($this->isSeen($task) || ProductWithRoot::of($task) !== null) {
            return null;
        }
        $refusal = $this->quadratic->refusal($task);
        $isElse = $this->structure->refusal($task) === null || $this->lettered->refusal($task) === null;

        return $isElse ? null : $refusal;
    }

    /** Whether the same factor stands in every term: nothing is multiplied out, but where a way to factor is chosen. */
    public function isSeen(Task $task): bool
    {
        return $task->choice(SolveByFactoring::CHOICE) === null && $this->bracket->isSeen($task);
    }

    public function demonstrate(Task $task): Demonstration
    {
        $product = ProductWithRoot::of($task);

        return match (true) {
            $product !== null => $product->demonstration(),
            $this->isSeen($task) => $this->bracket->demonstrate($task),
            $this->quadratic->refusal($task) === null => $this->quadratic->demonstrate($task),
            $this->lettered->refusal($task) === null => $this->lettered->demonstrate($task),
            default => $this->structure->demonstrate($task),
        };
    }
}
