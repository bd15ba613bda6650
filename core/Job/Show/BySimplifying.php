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
use Runel\Expression\Expression;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Embedded;
use Runel\Method\Method;
use Runel\Method\Simplifies;

/** Fractions with letters below, powers and roots of numbers: each side simplified until both have come to the same. */
final readonly class BySimplifying implements Method
{
    public const ID = 'simplifying';

    public function __construct(private Simplifies $simplifying) {}

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
        return $this->sides($task) === null ? new MethodDoesNotApply(Message::of('show.simplifying.refusal')) : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $sides = $this->sides($task) ?? throw new \LogicException('It was not refused.');
        $given = $sides->given;
        $reached = $sides->reached;
        $met = new Equation($reached, $reached);
        $alone = match (true) {
            $sides->right === null && $reached->equals($given->right) => '-left',
            $sides->left === null && $reached->equals($given->left) => '-right',
            default => '',
        };
        $sections = [new Section(Phase::Reading, [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('show.read.title'),
            why: Message::of($task->problem->rootIndex() % 2 === 0
                ? 'show.simplifying.why-letters'
                : 'show.simplifying.why' . $alone),
            lines: [Line::given($given)],
        )])];
        foreach ([
            [Phase::LeftSide, 'left', $given->left, $sides->left],
            [Phase::RightSide, 'right', $given->right, $sides->right],
        ] as [$phase, $name, $side, $simplified]) {
            $steps = self::worked($name, $side, $simplified, $reached);
            if ($steps !== []) {
                $sections[] = new Section($phase, $steps, outcome: Message::of('show.outcome', [
                    'side' => new Equation($side, $reached),
                ]));
            }
        }
        $sections[] = new Section(Phase::Finishing, [new Step(
            id: 'met',
            role: Role::Gathering,
            title: Message::of('show.met.title'),
            why: Message::of(
                'show.simplifying.met' . ($task->problem->letters === [] ? '' : '-letters') . $alone,
                ['reached' => $reached],
            ),
            lines: [Line::result($met, new Rewrite())],
        )]);

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of($sections, Message::of($alone === '' ? 'show.advice' : 'show.advice-one')),
            sections: Section::warningOnce($sections),
            answer: new SameSidesAnswer($met),
            checking: static fn(): array => [SidesCheck::of($given, $task->problem->letters)],
        );
    }

    /** @return list<Step> none where it stays as it is */
    private static function worked(
        string $name,
        Expression $side,
        ?Demonstration $simplified,
        Expression $reached,
    ): array {
        $sections = $simplified === null ? [] : Embedded::beside($simplified->sections, "$name-", $side);
        $steps = self::saidOnce(array_merge(...array_map(
            static fn(Section $section): array => $section->steps,
            $sections,
        )));
        [$steps, $end] = self::upTo($reached, $steps, $side);

        return $end->equals($reached) ? $steps : [...$steps, new Step(
            id: "$name-otherwise",
            title: Message::of("show.simplifying.otherwise-$name"),
            why: Message::of('show.simplifying.otherwise'),
            lines: [Line::side($end, $reached)],
        )];
    }

    /**
     * Where what has to be reached stands on the way already, nothing is worked further.
     *
     * @param list<Step> $steps
     *
     * @return array{list<Step>, Expression} and what the side has come to
     */
    private static function upTo(Expression $reached, array $steps, Expression $side): array
    {
        $end = $side;
        foreach ($steps as $place => $step) {
            foreach ($step->lines as $number => $line) {
                $isNext = $line->node instanceof Equation && $line->node->left->equals($end);
                $end = $isNext ? $line->node->right : $end;
                if ($isNext && $end->equals($reached)) {
                    $last = $step->withLines(\array_slice($step->lines, 0, $number + 1));

                    return [[...\array_slice($steps, 0, $place), $last], $end];
                }
            }
        }

        return [$steps, $end];
    }

    /**
     * Without what has no line of its own, and what only says once more what the line before it says.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private static function saidOnce(array $steps): array
    {
        $said = [];
        $before = null;
        foreach ($steps as $step) {
            $isRepeated = \count($step->lines) === 1 && $before?->equals($step->lines[0]->node) === true;
            if ($step->lines !== [] && !$isRepeated) {
                $said[] = $step;
                $before = $step->lines[\count($step->lines) - 1]->node;
            }
        }

        return $said;
    }

    private function sides(Task $task): ?SimplifiedSides
    {
        return $task->once(self::class, function () use ($task): ?SimplifiedSides {
            $node = $task->problem->node;
            $isOther = $task->problem->polynomial !== null && $task->problem->letters !== [];

            return !$node instanceof Equation || $isOther || $task->problem->subject !== null
                || $node->left->equals($node->right)
                ? null
                : SimplifiedSides::of($node, $task, $this->simplifying);
        });
    }
}
