<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Factored;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Polynomial\Monomial;
use Runel\Working\Known;
use Runel\Working\Quadratic\Decimals;

/**
 * An equation of higher degree factored by what is seen in it, four terms in two pairs, cubes, a power in both terms,
 * and every factor set equal to 0.
 */
final readonly class SolveByStructure implements Method
{
    public function __construct(private WaysToFactor $factoring, private QuadraticRoads $roads) {}

    public function id(): string
    {
        return SolveByFactoring::ID;
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return $this->factored($task) === null
            ? new MethodDoesNotApply(Message::of('solve.refusal-degree', [
                'degree' => $task->problem->polynomial?->degree() ?? 0,
            ]))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $factored = $this->factored($task) ?? throw new \LogicException('It was not refused.');
        $factors = $this->atZero($factored, $task);
        [$solving, $solutions, $roots] = $factors->solved();
        if ($factored->sections === []) {
            throw new \LogicException('A factoring is written.');
        }
        [$sections, $answer] = Decimals::of(
            $task,
            [...$factored->sections, ...$solving],
            $factors->answer($solutions),
            (string) $task->problem->letter(),
        );

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $factored->forecast->trials,
                fractions: array_filter($solutions, FactorsAtZero::isFraction(...)) !== [],
                roots: $roots,
                advice: $factored->forecast->advice,
            ),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => [...$factors->checks($solutions), ($factored->check)()],
        );
    }

    /** The first structure that leads to linear and quadratic factors; null where there is none. */
    private function factored(Task $task): ?Factored
    {
        return $task->once(self::class, function () use ($task): ?Factored {
            $polynomial = $task->problem->polynomial;
            if (!$task->problem->node instanceof Equation || $task->problem->letter() === null
                || $polynomial === null || $polynomial->isZero() || $polynomial->degree() < 3
                || array_filter($polynomial->letters(), Monomial::isConstant(...)) !== []) {
                return null;
            }
            foreach ($this->factoring->byStructure($task) as $way) {
                $factored = $way->factoring($task);
                if ($this->atZero($factored, $task)->open() === null) {
                    return $factored;
                }
            }

            return null;
        });
    }

    private function atZero(Factored $factored, Task $task): FactorsAtZero
    {
        $equation = $task->problem->node;
        $gathered = Known::standardForm($task);
        if (!$equation instanceof Equation || $gathered === null) {
            throw new \LogicException('It is no equation.');
        }

        return new FactorsAtZero(
            $factored->factors,
            (string) $task->problem->letter(),
            $gathered->whole,
            self::product($factored),
            $equation,
            $task,
            $this->roads,
        );
    }

    /** The last line of the factoring. */
    private static function product(Factored $factored): Equation
    {
        $lines = [];
        foreach ($factored->sections as $section) {
            foreach ($section->steps as $step) {
                array_push($lines, ...array_filter(
                    $step->lines,
                    static fn(Line $line): bool => $line->link !== Link::Side && $line->branch === null,
                ));
            }
        }
        $last = $lines[\count($lines) - 1]->node ?? null;

        return $last instanceof Equation ? $last : throw new \LogicException('A factoring of an equation is one.');
    }
}
