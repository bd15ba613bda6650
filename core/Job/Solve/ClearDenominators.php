<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;

/**
 * An equation with its letter below a line: what is excluded is said first, both sides are multiplied by the least
 * common denominator, and every candidate is put into the original.
 */
final readonly class ClearDenominators implements Method
{
    public function __construct(private QuadraticRoads $roads, private SolveByRationalRoots $rational) {}

    public function id(): string
    {
        return 'clear-denominators';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $equation = FractionEquation::ofTask($task);

        return $equation === null
            ? new MethodDoesNotApply(Message::of('clear.refusal'))
            : $this->work($task, $equation)->refusal();
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = FractionEquation::ofTask($task) ?? throw new \LogicException('It was not refused.');

        return $this->work($task, $equation)->demonstration($this);
    }

    private function work(Task $task, FractionEquation $equation): ClearingWork
    {
        return ClearingWork::of($task, $equation, $this->road(...));
    }

    /** The way to what is left: linear, quadratic, or with rational roots; null where there is none. */
    private function road(Task $task): ?Method
    {
        $plain = array_filter(
            [new Balance(), $this->rational],
            static fn(Method $method): bool => $method->refusal($task) === null,
        );

        return $this->roads->of($task) ?? array_values($plain)[0] ?? null;
    }
}
