<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Polynomial\Polynomial;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\Roots\PolynomialFactoring;

/**
 * An equation of higher degree solved: roots found among the candidates and divided out, then every factor set equal to
 * 0, the quadratic that is left by its own ways.
 */
final readonly class SolveByRationalRoots implements Method
{
    public function __construct(private WaysToFactor $ways, private QuadraticRoads $roads) {}

    public function id(): string
    {
        return 'rational-roots';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        if (!$task->problem->node instanceof Equation || $task->problem->letter() === null) {
            return new MethodDoesNotApply(Message::of('solve.refusal-not-quadratic'));
        }
        $refusal = PolynomialFactoring::refusal($task, $this->ways);
        if ($refusal !== null) {
            return $refusal;
        }
        $parts = PolynomialFactoring::ofTask($task, $this->ways);
        if ($parts->isStuck()) {
            $rest = $parts->rest();

            return new OutOfReach($parts->found() === [] || $rest === null
                ? Message::of('roots.refusal-none')
                : Message::of('roots.refusal-rest', ['rest' => $rest->toExpression()]));
        }
        $open = $this->factors($parts, $task)->open();

        return $open === null
            ? null
            : new OutOfReach(Message::of('roots.refusal-rest', ['rest' => $open->toExpression()]));
    }

    public function demonstrate(Task $task): Demonstration
    {
        $parts = PolynomialFactoring::ofTask($task, $this->ways);
        $factors = $this->factors($parts, $task);
        [$solving, $solutions, $roots] = $factors->solved();
        $sections = [
            new Section(Phase::Reading, KnownRoots::reading($parts, $task)),
            ...$parts->sections(),
            ...$solving,
        ];
        [$sections, $answer] = Decimals::of($task, $sections, $factors->answer($solutions), $parts->letter);

        return new Demonstration(
            task: $task,
            job: SolveFamily::JOB,
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $parts->trials(),
                fractions: array_filter($solutions, FactorsAtZero::isFraction(...)) !== [],
                roots: $roots,
                advice: $parts->advice(),
            ),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => $factors->checks($solutions),
        );
    }

    /** Every factor with the letter. */
    private function factors(PolynomialFactoring $parts, Task $task): FactorsAtZero
    {
        $rest = $parts->rest();
        $factors = [...$parts->letters(), ...$parts->found(), ...($rest === null ? [] : [$rest])];
        $equation = $task->problem->node;

        return new FactorsAtZero(
            $factors === [] ? throw new \LogicException('Nothing holds the letter.') : $factors,
            $parts->letter,
            $parts->gathered->whole,
            self::product($parts),
            $equation instanceof Equation ? $equation : throw new \LogicException('It is no equation.'),
            $task,
            $this->roads,
        );
    }

    /** All factors, their product set equal to 0. */
    private static function product(PolynomialFactoring $parts): Equation
    {
        $rest = $parts->rest();
        $factors = [...$parts->found(), ...($rest === null ? [] : [$rest])];

        return new Equation($parts->outer()->wrap(array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $factors,
        )), Numeral::of(0));
    }
}
