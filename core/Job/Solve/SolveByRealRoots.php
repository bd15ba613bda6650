<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Working\Roots\PolynomialFactoring;

/** An equation of higher degree in which the search for rational roots finds none: what is known of the real ones. */
final readonly class SolveByRealRoots implements Method
{
    public function __construct(private WaysToFactor $ways) {}

    public function id(): string
    {
        return 'real-roots';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return $this->known($task) === null ? new MethodDoesNotApply(Message::of('roots.known.refusal')) : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $known = $this->known($task) ?? throw new \LogicException('It was not refused.');
        $parts = PolynomialFactoring::ofTask($task, $this->ways);
        $sections = [
            new Section(Phase::Reading, KnownRoots::reading($parts, $task)),
            ...$parts->sections(),
            $known->section(),
        ];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $parts->trials(),
                roots: true,
                advice: Message::of('roots.known.advice'),
            ),
            sections: $sections,
            answer: $known->answer(),
            checking: static fn(): array => $known->checks(),
        );
    }

    /** Null where a candidate is a root, or where the roots cannot be told apart. */
    private function known(Task $task): ?KnownRoots
    {
        return $task->once(self::class, function () use ($task): ?KnownRoots {
            if (!$task->problem->node instanceof Equation || $task->problem->letter() === null
                || PolynomialFactoring::refusal($task, $this->ways) !== null) {
                return null;
            }
            $parts = PolynomialFactoring::ofTask($task, $this->ways);

            return $parts->isStuck() && $parts->found() === [] && $parts->letters() === []
                ? KnownRoots::of($parts->gathered->whole, $parts->letter, $task)
                : null;
        });
    }
}
