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
    /** @param list<Method> $others ways that may find more than the common term */
    public function __construct(
        private BracketPowers $brackets,
        private TypedPowers $typed,
        private SpecialForms $quadratic,
        private SpecialPowers $powers,
        private CommonTermAlone $common,
        private array $others,
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
            $this->powers->refusal($task) === null, $this->isCommonAlone($task) => null,
            default => $refusal,
        };
    }

    /** Whether the common term is all that can be taken out, by this way or by any other. */
    private function isCommonAlone(Task $task): bool
    {
        return $this->common->refusal($task) === null
            && array_filter($this->others, static fn(Method $way): bool => $way->refusal($task) === null) === [];
    }

    public function demonstrate(Task $task): Demonstration
    {
        return match (true) {
            $this->brackets->refusal($task) === null => $this->brackets->demonstrate($task),
            $this->typed->refusal($task) === null => $this->typed->demonstrate($task),
            $this->quadratic->refusal($task) === null => $this->quadratic->demonstrate($task),
            $this->powers->refusal($task) === null => $this->powers->demonstrate($task),
            default => $this->common->demonstrate($task),
        };
    }
}
