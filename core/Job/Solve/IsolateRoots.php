<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** An equation with square roots: one is isolated, both sides squared, and every candidate put into the original. */
final readonly class IsolateRoots implements Method
{
    /** The option that names which root is isolated first. */
    public const CHOICE = 'isolate';

    public function __construct(private QuadraticRoads $roads) {}

    public function id(): string
    {
        return 'isolate-roots';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $equation = RootEquation::ofTask($task);
        if ($equation === null) {
            return new MethodDoesNotApply(Message::of('isolate.refusal'));
        }

        return $this->work($task, $equation)->refusal();
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = RootEquation::ofTask($task) ?? throw new \LogicException('No root equation was not refused.');

        return $this->work($task, $equation)->demonstration($this);
    }

    private function work(Task $task, RootEquation $equation): RootWork
    {
        return RootWork::of($task, $equation, $this->roads);
    }
}
