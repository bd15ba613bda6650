<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Problem\Job;
use Runel\Working\Quadratic\CompletedSquare;
use Runel\Working\Quadratic\QuadraticDemonstration;
use Runel\Working\Quadratic\Rooting;

/** A quadratic equation by completing the square; the same work is reached from solving and from completing. */
final readonly class CompletingSquare implements Method
{
    private function __construct(private Job $job, private string $id) {}

    public static function solving(): self
    {
        return new self(Job::Solve, 'completing-square');
    }

    public static function completing(): self
    {
        return new self(Job::CompleteSquare, 'equation');
    }

    public function id(): string
    {
        return $this->id;
    }

    public function job(): Job
    {
        return $this->job;
    }

    public function refusal(Task $task): ?Refusal
    {
        $quadratic = Quadratic::ofTask($task);

        return match (true) {
            $quadratic === null => new MethodDoesNotApply(Message::of('quadratic.refusal')),
            $quadratic->standingSquare() !== null => new MethodDoesNotApply(Message::of('quadratic.refusal-square')),
            $quadratic->b->isZero() => new MethodDoesNotApply(Message::of('quadratic.refusal-no-middle')),
            !Rooting::fits((new CompletedSquare($task, $quadratic))->value()) => new TooLarge(
                Message::of('quadratic.too-large'),
            ),
            default => null,
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        $quadratic = Quadratic::ofTask($task) ?? throw new \LogicException('No quadratic was not refused.');
        [$sections, $answer, $roots] = (new CompletedSquare($task, $quadratic))->work();

        return QuadraticDemonstration::of(
            $task,
            $quadratic,
            $this,
            $sections,
            $answer,
            $roots,
            Message::of($quadratic->a->isOne() && $quadratic->b->dividedBy(
                Rational::of(2),
            )->isInteger() ? 'quadratic.advice.square-even' : 'quadratic.advice.square'),
        );
    }
}
