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
        $numbers = $product->isOfNumbers() ? '-numbers' : '';
        $steps = [];
        $reached = $whole;
        $inOneBase = PowerProduct::inOneBase($whole);
        if ($inOneBase !== null) {
            $steps[] = new Step(
                id: 'bases',
                title: Message::of('simplify.powers.bases.title'),
                why: Message::of('simplify.powers.bases.why'),
                lines: [Line::equal($inOneBase)],
            );
            $reached = $inOneBase;
        }
        $opened = $product->opened();
        $value = $product->value() ?? $product->result();
        if (!$opened->equals($reached) && $product->value() === null) {
            $steps[] = new Step(
                id: 'open',
                title: Message::of('simplify.powers.open.title'),
                why: Message::of('simplify.powers.open.why'),
                lines: [Line::equal($opened)],
                watch: match (true) {
                    $product->raisesPowers() => Slip::ExponentsAdded,
                    $product->squaresNumber() => Slip::CoefficientNotSquared,
                    default => null,
                },
            );
            $reached = $opened;
        }
        $gathered = $product->gathered();
        if (!$gathered->equals($reached) && ($product->isGathered() || !$product->isOfNumbers())) {
            $steps[] = new Step(
                id: 'gather',
                title: Message::of("simplify.powers.gather.title$numbers"),
                why: Message::of($product->divides()
                    ? 'simplify.powers.gather.why-quotient'
                    : "simplify.powers.gather.why$numbers"),
                lines: [Line::equal($gathered), ...$product->exponentLines()],
                watch: match (true) {
                    $product->isOfNumbers() => Slip::BasesMultiplied,
                    $product->divides() => Slip::ExponentsMultiplied,
                    default => Slip::ExponentsNotAdded,
                },
            );
            $reached = $gathered;
        }
        $worked = $product->worked($product->hasZero());
        $result = $product->result();
        if (!$worked->equals($reached) && !$worked->equals($result) && ($numbers === '' || $product->isGathered())) {
            $steps[] = new Step(
                id: 'work',
                title: Message::of('simplify.powers.work.title'),
                why: Message::of("simplify.powers.work.why$numbers"),
                lines: [Line::equal($worked)],
                watch: $product->hasZero() ? Slip::ZeroExponent : null,
            );
        }
        $isTurned = !$worked->equals($result) && $product->hasNegative();
        $why = match (true) {
            $product->hasZero() => $isTurned ? 'result-why-zero-below' : 'result-why-zero',
            $isTurned => 'result-why-below',
            default => "result-why$numbers",
        };

        if (!$value->equals($result)) {
            $steps[] = new Step(
                id: 'turn',
                title: Message::of('simplify.powers.turn.title'),
                why: Message::of('simplify.powers.turn.why'),
                lines: [Line::equal($result)],
            );
            $why = 'result-why-value';
        }

        return SimplifyDemonstration::of(
            $task,
            $this->id(),
            $whole,
            $steps,
            new SimplifiedAnswer($value),
            $why,
            "read$numbers",
        );
    }
}
