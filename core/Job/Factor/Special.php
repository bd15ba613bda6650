<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** The special forms: of a quadratic where they fit, else of higher powers. */
final readonly class Special implements Method
{
    public function __construct(private SpecialForms $quadratic, private SpecialPowers $powers) {}

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

        return $refusal === null || $this->powers->refusal($task) === null ? null : $refusal;
    }

    public function demonstrate(Task $task): Demonstration
    {
        return $this->quadratic->refusal($task) === null
            ? $this->quadratic->demonstrate($task)
            : $this->powers->demonstrate($task);
    }
}
