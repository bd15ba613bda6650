<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Working\Known;

/** A linear equation in balance: the same is done to both sides until the unknown stands alone. */
final class Balance implements Method
{
    public function id(): string
    {
        return 'balance';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $equation = Known::linear($task);

        return match (true) {
            $equation === null => new MethodDoesNotApply(Message::of('balance.refusal')),
            $equation->isSolved() => new MethodDoesNotApply(Message::of('balance.refusal-solved')),
            default => null,
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = Known::linear($task) ?? throw new \LogicException('No linear equation was not refused.');

        return (new BalanceWork($task, $equation))->demonstration($this);
    }
}
