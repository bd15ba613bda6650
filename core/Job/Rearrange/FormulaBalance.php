<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** A formula rearranged: the same is done to both sides until the wanted letter stands alone. */
final class FormulaBalance implements Method
{
    public function id(): string
    {
        return 'balance';
    }

    public function job(): string
    {
        return RearrangeFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $formula = $task->problem->node;
        $subject = $task->problem->subject;
        if (!$formula instanceof Equation) {
            throw new \LogicException('What is no formula is not recognised as one.');
        }
        if ($subject === null) {
            return new OutOfReach(Message::of('rearrange.refusal-subject', ['letter' => $task->problem->letters[0]]));
        }

        return $this->work($task, $formula, $subject)->refusal();
    }

    public function demonstrate(Task $task): Demonstration
    {
        $formula = $task->problem->node;
        if (!$formula instanceof Equation || $task->problem->subject === null) {
            throw new \LogicException('What is no formula was not refused.');
        }

        return $this->work($task, $formula, $task->problem->subject)->demonstration($this);
    }

    private function work(Task $task, Equation $formula, string $subject): FormulaWork
    {
        return $task->once(
            FormulaWork::class,
            static fn(): FormulaWork => FormulaWork::of($task, $formula, $subject),
        );
    }
}
