<?php

declare(strict_types=1);

namespace Runel\Method\Solve;

use Runel\Claim\Solves;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Move\JoinBranches;
use Runel\Demonstration\Move\Operation;
use Runel\Demonstration\Move\ToBothSides;
use Runel\Demonstration\Move\ZeroProduct;
use Runel\Demonstration\Option;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Factor\FactorFamily;
use Runel\Method\Factor\Trinomial;
use Runel\Method\Factored;
use Runel\Method\FactorsQuadratics;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor as ProductFactor;
use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Slip\Slip;

/** Solving a quadratic equation by factoring: zero on one side, factors, each factor 0, each solution checked. */
final readonly class Factoring implements Method
{
    /** The option that names the way to factor. */
    public const CHOICE = 'by';

    public function __construct(private FactorFamily $factoring) {}

    public function id(): string
    {
        return 'factoring';
    }

    public function job(): Job
    {
        return Job::Solve;
    }

    public function refusal(Task $task): ?Refusal
    {
        if (
            !$task->problem->node instanceof Equation
            || \count($task->problem->letters) !== 1
            || $task->problem->polynomial?->degree() !== 2
        ) {
            return new MethodDoesNotApply(Message::of('solve.refusal-not-quadratic'));
        }
        if (self::readyMade($task->problem) !== null) {
            return null;
        }
        $ways = $this->factoring->fitting($task);
        $refusal = $ways === [] ? $this->factoring->methods()[0]->refusal($task) : null;

        return match (true) {
            $refusal !== null && !$refusal instanceof MethodDoesNotApply => $refusal,
            $ways === [], Trinomial::of(
                $task->problem->polynomial,
            )?->isPrime() !== false => new MethodDoesNotApply(Message::of('solve.refusal-prime')),
            default => $this->choiceRefusal($task, $ways),
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = $task->problem->node;
        $letter = $task->problem->letter();
        if (!$equation instanceof Equation || $letter === null) {
            throw new \LogicException('A problem that is no quadratic equation was not refused.');
        }
        $ready = self::readyMade($task->problem);
        $way = $ready === null ? $this->way($task) : null;
        $factored = $way?->factoring($task);
        $factors = self::different($ready ?? $factored->factors ?? throw new \LogicException(
            'Nothing factors what was not refused.',
        ));
        $before = $way !== null
            && $factored !== null ? $this->factored($factored, $task, $way) : [self::given($equation)];
        $sections = [...$before, $this->solving($letter, $factors)];
        $values = array_map(self::root(...), $factors);
        $fractions = array_filter($values, static fn(Rational $value): bool => !$value->isInteger()) !== [];

        return new Demonstration(
            task: $task,
            job: Job::Solve,
            method: $this->id(),
            forecast: new Forecast(
                steps: \count(Section::steps($sections)),
                lines: Section::lines($sections),
                trials: $factored->forecast->trials ?? 0,
                products: $factored->forecast->products ?? 0,
                fractions: $fractions || ($factored->forecast->fractions ?? false),
                roots: false,
                advice: $way === null
                    ? Message::of('advice.factored-already')
                    : Message::of('advice.factoring', ['by' => Message::of("name.method.factor.{$way->id()}")]),
            ),
            sections: $sections,
            answer: new SolutionsAnswer($letter, array_map(Numeral::of(...), $values)),
            checking: static fn(): array => [
                ...Substituted::checks($equation, $letter, $values),
                ...($factored === null ? [] : [($factored->check)()]),
            ],
        );
    }

    /** @param list<FactorsQuadratics> $ways */
    private function choiceRefusal(Task $task, array $ways): ?Refusal
    {
        $wanted = $task->choice(self::CHOICE);
        $ids = array_map(static fn(FactorsQuadratics $way): string => $way->id(), $ways);

        return $wanted === null || \in_array($wanted, $ids, true)
            ? null
            : new BadRequest(Message::of(
                'error.choice-value',
                ['key' => self::CHOICE, 'found' => mb_substr($wanted, 0, 40), 'values' => implode(', ', $ids)],
            ));
    }

    /** The way to factor: the tutor's choice, else the favourite, else the lightest. */
    private function way(Task $task): FactorsQuadratics
    {
        $ways = $this->factoring->fitting($task);
        foreach ([$task->choice(self::CHOICE), $task->choice(FactorFamily::FAVOURITE)] as $wanted) {
            foreach ($ways as $way) {
                if ($way->id() === $wanted) {
                    return $way;
                }
            }
        }

        return $ways[0] ?? throw new \LogicException('Nothing factors what was not refused.');
    }

    /**
     * The factoring as part of the solving, the choice of a way at its first step.
     *
     * @return list<Section>
     */
    private function factored(Factored $factored, Task $task, FactorsQuadratics $taken): array
    {
        $ways = $this->factoring->fitting($task);
        if (\count($ways) < 2) {
            return $factored->sections;
        }
        $options = array_map(static fn(FactorsQuadratics $way): Option => new Option(
            self::CHOICE,
            $way->id(),
            Message::of("name.method.factor.{$way->id()}"),
            $way === $taken,
        ), $ways);
        $first = $factored->sections[0];

        return [
            new Section($first->phase, [$first->steps[0]->withOptions($options), ...\array_slice($first->steps, 1)]),
            ...\array_slice($factored->sections, 1),
        ];
    }

    /** @param non-empty-list<Polynomial> $factors the different ones that hold the letter */
    private function solving(string $letter, array $factors): Section
    {
        $zero = Numeral::of(0);
        $equations = array_map(static fn(Polynomial $factor): Equation => new Equation(
            $factor->toExpression(),
            $zero,
        ), $factors);
        $double = \count($equations) === 1;
        $steps = [new Step(
            id: 'zero-product',
            title: Message::of($double ? 'solve.zero.title-double' : 'solve.zero.title'),
            why: Message::of($double ? 'solve.zero.why-double' : 'solve.zero.why'),
            lines: [Line::equivalent($double ? $equations[0] : new Alternatives($equations), new ZeroProduct())],
            watch: self::root($factors[0])->isZero() ? Slip::RootLost : null,
        )];
        foreach ($factors as $number => $factor) {
            $lines = $this->linear($letter, $factor, $double ? null : Branch::way($number + 1));
            if ($lines !== []) {
                $solution = Numeral::of(self::root($factor));
                $steps[] = new Step(
                    id: 'solve-' . ($number + 1),
                    title: Message::of('solve.linear.title', ['factor' => $equations[$number]]),
                    why: Message::of('solve.linear.why'),
                    lines: $lines,
                    question: Question::number(
                        Message::of('solve.linear.ask', ['factor' => $equations[$number]]),
                        new Solves($equations[$number], $letter, $solution),
                        $solution,
                    ),
                    watch: Slip::SignNotTurned,
                );
            }
        }
        $steps[] = new Step(
            id: 'solutions',
            title: Message::of($double ? 'solve.solutions.title-double' : 'solve.solutions.title'),
            why: Message::of($double ? 'solve.solutions.why-double' : 'solve.solutions.why'),
            lines: [Line::result((new SolutionsAnswer($letter, array_map(
                static fn(Polynomial $factor): Expression => Numeral::of(self::root($factor)),
                $factors,
            )))->node(), new JoinBranches())],
        );

        return new Section(Phase::Solving, $steps);
    }

    /** @return list<Line> mx + r = 0 solved in full; none when it says x = 0 already */
    private function linear(string $letter, Polynomial $factor, ?Branch $branch): array
    {
        $m = $factor->coefficient($letter, 1);
        $r = $factor->coefficient($letter, 0);
        $lines = [];
        if (!$r->isZero()) {
            $left = Polynomial::ofCoefficients($letter, [$m, Rational::zero()])->toExpression();
            $lines[] = Line::equivalent(new Equation(
                $left,
                Numeral::of($r->negated()),
            ), new ToBothSides(Operation::Subtract, Numeral::of($r)), $branch);
        }
        if (!$m->isOne()) {
            $lines[] = Line::equivalent(new Equation(
                new Letter($letter),
                Numeral::of(self::root($factor)),
            ), new ToBothSides(Operation::Divide, Numeral::of($m)), $branch);
        }

        return $lines;
    }

    /** A problem that stands as a product equal to 0 already: nothing is to be factored. */
    private static function given(Equation $equation): Section
    {
        return new Section(Phase::Reading, [new Step(
            id: 'read',
            title: Message::of('solve.given.title'),
            why: Message::of('solve.given.why'),
            lines: [Line::given($equation)],
        )]);
    }

    /** @return non-empty-list<Polynomial>|null the linear factors of a product that equals 0 as it was typed */
    private static function readyMade(Problem $problem): ?array
    {
        $node = $problem->node;
        if (!$node instanceof Equation || !$node->right instanceof Numeral || !$node->right->value->isZero()) {
            return null;
        }
        $factors = array_map(
            static fn(ProductFactor $factor): Polynomial => $factor->polynomial,
            $problem->product->factors ?? [],
        );
        $linear = array_values(array_filter($factors, static fn(Polynomial $factor): bool => $factor->degree() === 1));
        $flat = array_filter($factors, static fn(Polynomial $factor): bool => $factor->degree() > 1);

        return \count($linear) === 2 && $flat === [] ? $linear : null;
    }

    /**
     * @param non-empty-list<Polynomial> $factors
     *
     * @return non-empty-list<Polynomial> one of several with the same solution
     */
    private static function different(array $factors): array
    {
        $different = [];
        foreach ($factors as $factor) {
            $different[(string) self::root($factor)] ??= $factor;
        }

        return array_values($different);
    }

    /** The solution of mx + r = 0. */
    private static function root(Polynomial $linear): Rational
    {
        $letter = $linear->letters()[0] ?? throw new \LogicException('A factor without the letter.');

        return $linear->coefficient($letter, 0)->negated()->dividedBy($linear->coefficient($letter, 1));
    }
}
