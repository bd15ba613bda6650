<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Demonstration\Answer\SameSidesAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;

/** Each side worked by itself, the harder one first, until both have come to the same. */
final readonly class MeetInTheMiddle implements Method
{
    public const ID = 'both-sides';

    public function id(): string
    {
        return self::ID;
    }

    public function job(): string
    {
        return ShowFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $isIdentity = $task->problem->polynomial?->isZero() === true && $task->problem->letters !== [];

        return $isIdentity ? null : new MethodDoesNotApply(Message::of('show.refusal'));
    }

    public function demonstrate(Task $task): Demonstration
    {
        $given = $task->problem->node;
        if (!$given instanceof Equation) {
            throw new \LogicException('What has no two sides was not refused.');
        }
        $sides = ['left' => new OneSide('left', $given->left), 'right' => new OneSide('right', $given->right)];
        $first = $sides['right']->work() > $sides['left']->work() ? 'right' : 'left';
        $second = $first === 'left' ? 'right' : 'left';
        $isOne = $sides[$second]->stands();
        $reached = $sides['left']->reached();
        $met = new Equation($reached, $reached);
        $sections = [new Section(Phase::Reading, [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('show.read.title'),
            why: Message::of("show.read.why-$first" . ($isOne ? '-alone' : '')),
            lines: [Line::given($given)],
        )])];
        foreach ([$first, $second] as $name) {
            $steps = $sides[$name]->steps();
            if ($steps !== []) {
                $sections[] = new Section(
                    $name === 'left' ? Phase::LeftSide : Phase::RightSide,
                    $steps,
                    outcome: Message::of('show.outcome', ['side' => new Equation($sides[$name]->written, $reached)]),
                );
            }
        }
        $sections[] = new Section(Phase::Finishing, [new Step(
            id: 'met',
            role: Role::Gathering,
            title: Message::of('show.met.title'),
            why: Message::of($isOne ? "show.met.why-$first" : 'show.met.why', ['reached' => $reached]),
            lines: [Line::result($met, new Rewrite())],
        )]);

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of($sections, Message::of($isOne ? 'show.advice-one' : 'show.advice')),
            sections: Section::warningOnce($sections),
            answer: new SameSidesAnswer($met),
            checking: static fn(): array => [SidesCheck::of($given, $task->problem->letters)],
        );
    }
}
