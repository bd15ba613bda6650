<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\HiddenQuadratic;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Quotient;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;

/** An equation that is a quadratic in something: that is found first, then each of its values is put back. */
final readonly class SolveBySubstitution implements Method
{
    /** @param list<Method> $roads to what the something equals, the first that fits is taken */
    public function __construct(
        private WaysToFactor $factoring,
        private QuadraticRoads $quadratics,
        private array $roads,
    ) {}

    public function id(): string
    {
        return 'substitution';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $work = $this->work($task);

        return $work === null
            ? new MethodDoesNotApply(Message::of('substitution.refusal'))
            : $work->refusal();
    }

    public function demonstrate(Task $task): Demonstration
    {
        return ($this->work($task) ?? throw new \LogicException('It was not refused.'))->demonstration($this);
    }

    /** Whether nothing but 1 over the square of the letter, and a number, stand there. */
    public function isOneOverSquare(Task $task): bool
    {
        $equation = $task->problem->node;
        $hidden = $equation instanceof Equation ? HiddenQuadratic::ofEquation($equation) : null;

        return $hidden?->something instanceof Quotient && $hidden->coefficient(1)->isZero();
    }

    private function work(Task $task): ?SubstitutionWork
    {
        return $task->once(self::class, function () use ($task): ?SubstitutionWork {
            $equation = $task->problem->node;
            $letter = $task->problem->letter();
            if (!$equation instanceof Equation || $letter === null) {
                return null;
            }
            $hidden = HiddenQuadratic::ofEquation($equation);

            return $hidden === null ? null : SubstitutionWork::of(
                $task,
                $equation,
                $letter,
                $hidden,
                $this->factoring,
                $this->road(...),
            );
        });
    }

    /** The way to a part; null where there is none. */
    private function road(Task $task): ?Method
    {
        $plain = array_filter(
            $this->roads,
            static fn(Method $method): bool => $method->refusal($task) === null,
        );

        return $this->quadratics->of($task) ?? array_values($plain)[0] ?? null;
    }
}
