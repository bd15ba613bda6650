<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** The special forms: of powers as they stand, of a quadratic where they fit, else of higher powers. */
final readonly class Special implements Method
{
    public function __construct(
        private BracketPowers $brackets,
        private TypedPowers $typed,
        private SpecialForms $quadratic,
        private SpecialPowers $powers,
    ) {}

    public function id(): string
    {
        return $this->quadratic->id();
    }

    public function job(): string
    {
        return $this->quadratic->job();
    }

    public function refusal(Task $task): ?Refusal
    {
        $refusal = $this->quadratic->refusal($task);

        return match (true) {
            $refusal === null, $this->brackets->refusal($task) === null, $this->typed->refusal($task) === null,
            $this->powers->refusal($task) === null => null,
            default => $refusal,
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        return match (true) {
            $this->brackets->refusal($task) === null => $this->brackets->demonstrate($task),
            $this->typed->refusal($task) === null => $this->typed->demonstrate($task),
            $this->quadratic->refusal($task) === null => $this->quadratic->demonstrate($task),
            default => $this->powers->demonstrate($task),
        };
    }
}
