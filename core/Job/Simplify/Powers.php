<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Slip\Slip;

/** Powers of letters multiplied, divided and raised, by one law after another. */
final readonly class Powers implements Method
{
    public function id(): string
    {
        return 'powers';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return PowerProduct::ofTask($task) === null
            ? new MethodDoesNotApply(Message::of('simplify.powers.refusal'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $product = PowerProduct::ofTask($task) ?? throw new \LogicException('It was not refused.');
        $node = $task->problem->node;
        $whole = $node instanceof Expression ? $node : throw new \LogicException('It is an expression.');
        $steps = [];
        $reached = $whole;
        $opened = $product->opened();
        if (!$opened->equals($reached)) {
            $steps[] = new Step(
                id: 'open',
                title: Message::of('simplify.powers.open.title'),
                why: Message::of('simplify.powers.open.why'),
                lines: [Line::equal($opened)],
                watch: Slip::ExponentsMultiplied,
            );
            $reached = $opened;
        }
        $gathered = $product->gathered();
        if (!$gathered->equals($reached)) {
            $steps[] = new Step(
                id: 'gather',
                title: Message::of('simplify.powers.gather.title'),
                why: Message::of($product->divides()
                    ? 'simplify.powers.gather.why-quotient'
                    : 'simplify.powers.gather.why'),
                lines: [Line::equal($gathered), ...$product->exponentLines()],
                watch: $product->divides() ? Slip::ExponentsMultiplied : Slip::ExponentsNotAdded,
            );
            $reached = $gathered;
        }
        $worked = $product->worked();
        $result = $product->result();
        if (!$worked->equals($reached) && !$worked->equals($result)) {
            $steps[] = new Step(
                id: 'work',
                title: Message::of('simplify.powers.work.title'),
                why: Message::of('simplify.powers.work.why'),
                lines: [Line::equal($worked)],
            );
        }
        $isTurned = !$worked->equals($result) && $product->hasNegative();

        return SimplifyDemonstration::of(
            $task,
            $this->id(),
            $whole,
            $steps,
            new SimplifiedAnswer($result),
            $isTurned ? 'result-why-below' : 'result-why',
        );
    }
}
