<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Law\Claim\Identity;
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
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('simplify.powers.read'),
                lines: [Line::given($whole)],
            )]),
            ...($steps === [] ? [] : [new Section(Phase::Tidying, $steps)]),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of('simplify.result.title'),
                why: Message::of($isTurned ? 'simplify.powers.result-why-below' : 'simplify.powers.result-why'),
                lines: [Line::result($result)],
                question: Question::expression(Message::of('simplify.ask'), new Identity($whole, $result), $result),
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(sections: $sections, advice: Message::of('simplify.powers.advice')),
            sections: $sections,
            answer: new SimplifiedAnswer($result),
            checking: static fn(): array => [PutBeside::check($whole, $result)],
        );
    }
}
