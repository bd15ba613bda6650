<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\NthRoot;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\RealSolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Substitution;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Style\NegativeRoot;
use Runel\Working\LastLine;
use Runel\Working\Quadratic\Decimals;

/** A power from the third on that equals a number: the power alone, then its root; real solutions only. */
final readonly class SolvePowers implements Method
{
    public function id(): string
    {
        return 'powers';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $equation = PowerEquation::ofTask($task);
        if (EqualPowers::of($task)?->isSquare() === false || RaisedRoot::of($task) !== null) {
            return null;
        }
        if ($equation === null) {
            return new MethodDoesNotApply(Message::of('powers.refusal'));
        }
        $value = $equation->value->dividedBy($equation->front);

        return $value->isZero() || NthRoot::of($value->absolute(), $equation->index) !== null
            ? null
            : new TooLarge(Message::of('quadratic.too-large'));
    }

    /** Whether the house wants complex solutions, and factoring may find some that no root of both sides does. */
    public function leavesComplex(Task $task): bool
    {
        $equation = PowerEquation::ofTask($task);
        if ($equation === null || $task->style->get(NegativeRoot::class) !== NegativeRoot::Complex) {
            return false;
        }
        $value = $equation->value->dividedBy($equation->front);

        return ($value->isNegative() && $equation->index % 2 === 0)
            || NthRoot::of($value->absolute(), $equation->index)?->isRational() === true;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equal = EqualPowers::of($task);
        if ($equal?->isSquare() === false) {
            return $equal->demonstration($this);
        }
        $raised = RaisedRoot::of($task);
        if ($raised !== null) {
            return $raised->demonstration($this);
        }
        $equation = PowerEquation::ofTask($task) ?? throw new \LogicException('It was not refused.');
        $value = $equation->value->dividedBy($equation->front);
        $power = new Equation(new Power($equation->base, Numeral::of($equation->index)), Numeral::of($value));
        [$solving, $answer] = $this->rooted($task, $equation, $power, $value);
        [$sections, $answer] = Decimals::of($task, [
            new Section(Phase::Reading, [
                new Step(
                    id: 'read',
                    role: Role::Reading,
                    title: Message::of('factor.read.title'),
                    why: Message::of('powers.read', ['index' => $equation->index]),
                    lines: [Line::given($task->problem->node)],
                ),
                ...PowerAlone::steps($equation, $power, $task->style->get(Moving::class)),
            ]),
            new Section(Phase::Solving, $solving),
        ], $answer, $equation->letter);

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: !$value->isInteger(),
                roots: !$value->isZero() && NthRoot::of($value->absolute(), $equation->index)?->isRational() === false,
                advice: Message::of('powers.advice', ['index' => $equation->index]),
            ),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => self::checks($equation, $answer),
        );
    }

    /** @return array{non-empty-list<Step>, Answer} */
    private function rooted(Task $task, PowerEquation $equation, Equation $power, Rational $value): array
    {
        $isEven = $equation->index % 2 === 0;
        if ($isEven && $value->isNegative()) {
            return [[new Step(
                id: 'none',
                title: Message::of('powers.none.title'),
                why: Message::of('powers.none.why', ['index' => $equation->index]),
                lines: [Line::result($power, new Rewrite())],
            )], new NoSolutionAnswer($equation->letter, $power)];
        }
        $root = $value->isZero() ? null : (NthRoot::of($value->absolute(), $equation->index)
            ?? throw new \LogicException('A root too large was not refused.'));
        $written = $root?->written() ?? Numeral::of(0);
        $sizes = match (true) {
            $root === null => [$written],
            $isEven => [$written, new Negative($written)],
            default => [$written->signed($value->isNegative())],
        };
        $simple = $root === null ? [$written] : array_map(
            static fn(Expression $size): Expression => $size instanceof Negative
                ? self::minus($root->simplified())
                : $root->simplified(),
            $sizes,
        );
        $steps = [new Step(
            id: 'roots',
            title: Message::of(match (true) {
                $root === null => 'powers.root.title-zero',
                $isEven => 'powers.root.title-both',
                default => 'powers.root.title',
            }, ['index' => $equation->index]),
            why: Message::of(match (true) {
                $root === null => 'powers.root.why-zero',
                $isEven => 'powers.root.why-both',
                $value->isNegative() => 'powers.root.why-minus',
                default => 'powers.root.why',
            }, ['index' => $equation->index]),
            lines: [Line::equivalent(self::either($equation->base, $sizes), new RootBothSides($equation->index))],
            watch: $isEven && $root !== null ? Slip::PlusMinusForgotten : null,
        )];
        if ($root !== null && !$written->equals($root->simplified())) {
            $steps[] = self::simplified($root, $equation, $simple);
        }

        return $this->solved($task, $equation, $steps, $simple);
    }

    /** @param non-empty-list<Expression> $simple what the base is, the root simplified: once, or with plus and minus */
    private static function simplified(NthRoot $root, PowerEquation $equation, array $simple): Step
    {
        [$written, $reached] = [$root->written(), $root->simplified()];

        return new Step(
            id: 'simplify-root',
            title: Message::of('quadratic.simplify.title'),
            why: Message::of($root->isRational() ? 'quadratic.simplify.why-whole' : 'powers.simplify.why', [
                'index' => $equation->index,
            ]),
            lines: [
                Line::side($written, $reached),
                Line::equivalent(
                    self::either($equation->base, $simple),
                    \count($simple) === 1 ? new Rewrite() : new JoinBranches(),
                ),
            ],
            question: Question::form(
                Message::of('quadratic.simplify.ask', ['root' => $written]),
                new Identity($written, $reached),
                $reached,
            ),
        );
    }

    /**
     * @param non-empty-list<Step>       $steps
     * @param non-empty-list<Expression> $values what the base equals, each by itself
     *
     * @return array{non-empty-list<Step>, Answer}
     */
    private function solved(Task $task, PowerEquation $equation, array $steps, array $values): array
    {
        $isFork = \count($values) > 1;
        $solutions = [];
        foreach ($values as $place => $value) {
            [$step, $solution] = LetterAlone::of(
                $equation->letter,
                $equation->base,
                $value,
                $task->style->get(Moving::class),
                'solve-' . ($place + 1),
                $isFork ? Branch::way($place + 1) : null,
            );
            $solutions[] = $solution;
            array_push($steps, ...($step === null ? [] : [$step]));
        }
        $answer = new RealSolutionsAnswer($equation->letter, $solutions);
        if (!$isFork) {
            // With one way the last line says the solution already.
            $steps = LastLine::ended([new Section(Phase::Solving, $steps)])[0]->steps;
        }
        $steps[] = new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of($isFork ? 'solve.solutions.title' : 'solve.solutions.title-one'),
            why: Message::of($isFork ? 'solve.solutions.why' : 'powers.solutions.why-one'),
            lines: $isFork ? [Line::result($answer->node(), new JoinBranches())] : [],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $equation->equation,
                $equation->letter,
                $solutions,
            ),
        );

        return [$steps, $answer];
    }

    /** @param non-empty-list<Expression> $rights */
    private static function either(Expression $base, array $rights): Equation|Alternatives
    {
        $equations = array_map(static fn(Expression $right): Equation => new Equation($base, $right), $rights);

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    private static function minus(Expression $size): Expression
    {
        $number = $size->number();

        return $number === null ? new Negative($size) : Numeral::of($number->negated());
    }

    /** @return non-empty-list<Check> */
    private static function checks(PowerEquation $equation, Answer $answer): array
    {
        $checks = [];
        foreach ($answer->solutions() ?? [] as $solution) {
            $place = new Equation(new Letter($equation->letter), $solution);
            $lines = PutIn::lines($equation->equation, $equation->letter, $solution);
            $put = Substitution::into($equation->term, $equation->letter, $solution);
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('quadratic.check.put', ['solution' => $solution]),
                why: Message::of($lines === [] ? 'powers.check.why-root' : 'check.solution.why'),
                // A root to its own power is what stands under it.
                lines: $lines === [] ? [Line::side($put, Numeral::of($equation->value))] : $lines,
                holds: true,
            );
        }
        if ($checks === []) {
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('isolate.check.none', ['number' => Numeral::of(2)]),
                why: Message::of('powers.check.why-none'),
                lines: PutIn::lines($equation->equation, $equation->letter, Numeral::of(2)),
                holds: true,
            );
        }

        return $checks;
    }
}
