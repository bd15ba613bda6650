<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\CurveFigure;
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
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ZeroProduct;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Embedded;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Number\Field\Surds;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\Arithmetic;
use Runel\Working\LinearSteps;
use Runel\Working\Preliminaries;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\Quadratic\FormulaWritten;
use Runel\Working\Quadratic\QuadraticDemonstration;
use Runel\Working\Roots\PolynomialFactoring;
use Runel\Working\Roots\QuadraticPart;

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
        if ($this->known($parts, $task) !== null) {
            return null;
        }
        if ($parts->isStuck()) {
            $rest = $parts->rest();

            return new OutOfReach($parts->found() === [] || $rest === null
                ? Message::of('roots.refusal-none')
                : Message::of('roots.refusal-rest', ['rest' => $rest->toExpression()]));
        }
        foreach (self::quadratics($parts) as $quadratic) {
            if ($this->roads->of(QuadraticPart::equation($quadratic, $task)) === null) {
                return new OutOfReach(Message::of('roots.refusal-rest', ['rest' => $quadratic->toExpression()]));
            }
        }

        return null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $parts = PolynomialFactoring::ofTask($task, $this->ways);
        $equation = $task->problem->node;
        if (!$equation instanceof Equation) {
            throw new \LogicException('A problem that is no equation was not refused.');
        }
        $known = $this->known($parts, $task);
        if ($known !== null) {
            return $this->withKnown($parts, $known, $task);
        }
        [$solving, $solutions, $roots] = $this->isEmpty($parts, $task)
            ? [[self::nothing($parts)], [], false]
            : $this->solving($parts, $task);
        $answer = $solutions === []
            ? new NoSolutionAnswer($parts->letter, self::product($parts))
            : new SolutionsAnswer($parts->letter, $solutions);
        $sections = [
            new Section(Phase::Reading, $this->reading($parts, $task)),
            ...$parts->sections(),
            ...$solving,
        ];
        if ($answer instanceof SolutionsAnswer) {
            $sections[] = new Section(Phase::Finishing, [self::assembled($parts, $equation, $answer)]);
        }
        [$sections, $answer] = Decimals::of($task, $sections, $answer, $parts->letter);

        return new Demonstration(
            task: $task,
            job: SolveFamily::JOB,
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $parts->trials(),
                fractions: array_filter($solutions, self::isFraction(...)) !== [],
                roots: $roots,
                advice: $parts->advice(),
            ),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => self::checks($parts, $equation, $solutions),
        );
    }

    /** What is known where no candidate is a root; null where one is, or where the roots cannot be told apart. */
    private function known(PolynomialFactoring $parts, Task $task): ?KnownRoots
    {
        $isWhole = $parts->isStuck() && $parts->found() === [] && $parts->letters() === [];

        return !$isWhole ? null : $task->once(
            KnownRoots::class,
            static fn(): ?KnownRoots => KnownRoots::of($parts->gathered->whole, $parts->letter, $task),
        );
    }

    private function withKnown(PolynomialFactoring $parts, KnownRoots $known, Task $task): Demonstration
    {
        $sections = [
            new Section(Phase::Reading, $this->reading($parts, $task)),
            ...$parts->sections(),
            $known->section(),
        ];

        return new Demonstration(
            task: $task,
            job: SolveFamily::JOB,
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

    /** @return non-empty-list<Step> */
    private function reading(PolynomialFactoring $parts, Task $task): array
    {
        return Preliminaries::steps($task, $parts->gathered, $parts->common, $parts->outer(), [
            'zeroed' => 'roots.reading-zeroed',
            'equation' => 'roots.reading-equation',
        ]);
    }

    /**
     * Every factor set equal to 0, and each equation solved on a branch of its own.
     *
     * @return array{list<Section>, list<Expression>, bool} how, the solutions, and whether roots are left in them
     */
    private function solving(PolynomialFactoring $parts, Task $task): array
    {
        $factors = self::different($parts);
        $equations = array_map(
            static fn(Polynomial $factor): Equation => new Equation($factor->toExpression(), Numeral::of(0)),
            $factors,
        );
        $one = \count($factors) === 1;
        $steps = [new Step(
            id: 'zero-product',
            title: Message::of($one ? 'solve.zero.title-double' : 'solve.zero.title'),
            why: Message::of(match (true) {
                $one => 'solve.zero.why-double',
                self::quadratics($parts) === [] => 'solve.zero.why',
                default => 'roots.fork.why',
            }),
            lines: [Line::equivalent($one ? $equations[0] : new Alternatives($equations), new ZeroProduct())],
            watch: $parts->letters() === [] ? null : Slip::RootLost,
        )];
        $sections = [];
        $solutions = [];
        $roots = false;
        foreach ($factors as $place => $factor) {
            $branch = $one ? null : Branch::way($place + 1);
            if ($factor->degree() === 1) {
                $linear = new LinearSteps(
                    $parts->letter,
                    $factor->toExpression(),
                    $task->style->get(Moving::class),
                    $task->problem->polynomial?->like() ?? Rational::one(),
                );
                $solutions[] = Numeral::of($linear->root());
                if (!$linear->isSolved()) {
                    $steps[] = $linear->step('solve-' . ($place + 1), $branch);
                }
                continue;
            }
            $demonstration = $this->quadratic($factor, $task);
            $own = $demonstration->answer;
            $dead = $own instanceof SolutionsAnswer ? null : Message::of('roots.quadratic.none');
            array_push($sections, ...Embedded::onBranch(
                $demonstration->sections,
                'quadratic-' . ($place + 1) . '-',
                $equations[$place],
                $branch,
                $dead,
            ));
            array_push($solutions, ...($own->solutions() ?? []));
            $roots = $roots || $demonstration->forecast->roots;
        }

        return [[new Section(Phase::Solving, $steps), ...$sections], self::once($solutions), $roots];
    }

    private function quadratic(Polynomial $factor, Task $task): Demonstration
    {
        $like = $task->problem->polynomial?->like() ?? Rational::one();
        $part = QuadraticPart::equation($factor->scaledBy(Rational::one()->like($like)), $task);
        $road = $this->roads->of($part) ?? throw new \LogicException('A quadratic without a road was not refused.');

        return $road->demonstrate($part);
    }

    /** @return list<Polynomial> the factors of degree 2 */
    private static function quadratics(PolynomialFactoring $parts): array
    {
        return array_values(array_filter(
            self::different($parts),
            static fn(Polynomial $factor): bool => $factor->degree() === 2,
        ));
    }

    /** @return non-empty-list<Polynomial> every factor with the letter, each once */
    private static function different(PolynomialFactoring $parts): array
    {
        $rest = $parts->rest();
        $different = [];
        foreach ([...$parts->letters(), ...$parts->found(), ...($rest === null ? [] : [$rest])] as $factor) {
            $known = array_filter($different, static fn(Polynomial $other): bool => $other->equals($factor));
            if ($known === []) {
                $different[] = $factor;
            }
        }

        return $different === [] ? throw new \LogicException('Nothing holds the letter.') : $different;
    }

    /** Whether no factor can be 0: all are quadratics, and none has a real solution. */
    private function isEmpty(PolynomialFactoring $parts, Task $task): bool
    {
        foreach (self::different($parts) as $factor) {
            if ($factor->degree() === 1 || $this->quadratic($factor, $task)->answer instanceof SolutionsAnswer) {
                return false;
            }
        }

        return true;
    }

    private static function nothing(PolynomialFactoring $parts): Section
    {
        return new Section(Phase::Discriminant, [new Step(
            id: 'no-solution',
            title: Message::of('roots.all.title-factors'),
            why: Message::of('roots.all.why-none'),
            lines: [...self::discriminants($parts), Line::result(self::product($parts), new Rewrite())],
            figure: self::curve($parts, []),
        )]);
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

    /** @return list<Line> */
    private static function discriminants(PolynomialFactoring $parts): array
    {
        $lines = [];
        foreach (self::quadratics($parts) as $factor) {
            array_push($lines, ...Arithmetic::lines(FormulaWritten::discriminant(...array_map(
                static fn(int $power): Rational => $factor->coefficient($parts->letter, $power),
                [2, 1, 0],
            ))));
        }

        return $lines;
    }

    /** @param list<Expression> $solutions */
    private static function curve(PolynomialFactoring $parts, array $solutions): CurveFigure
    {
        return new CurveFigure(
            $parts->letter,
            $parts->gathered->whole->toExpression(),
            null,
            null,
            Numeral::of($parts->gathered->whole->coefficient($parts->letter, 0)),
            array_values(array_filter($solutions, self::isReal(...))),
        );
    }

    private static function assembled(PolynomialFactoring $parts, Equation $equation, SolutionsAnswer $answer): Step
    {
        $solutions = $answer->solutions();

        return new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of(\count($solutions) === 1 ? 'solve.solutions.title-one' : 'solve.solutions.title'),
            why: Message::of('roots.all.why', [
                'count' => \count($solutions),
                'degree' => $parts->gathered->whole->degree(),
            ]),
            lines: [Line::result($answer->node(), new JoinBranches())],
            figure: self::curve($parts, $solutions),
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $equation,
                $parts->letter,
                $solutions,
            ),
        );
    }

    /**
     * @param list<Expression> $solutions
     *
     * @return non-empty-list<Check>
     */
    private static function checks(PolynomialFactoring $parts, Equation $equation, array $solutions): array
    {
        $checks = array_map(static fn(Expression $solution): Check => QuadraticDemonstration::substituted(
            $equation,
            $parts->letter,
            $solution,
        ), $solutions);

        return $checks === [] ? [self::negative($parts)] : $checks;
    }

    /** Where no factor can be 0, all are quadratics with a discriminant below 0. */
    private static function negative(PolynomialFactoring $parts): Check
    {
        return new Check(
            kind: CheckKind::Discriminant,
            title: Message::of('quadratic.check.discriminant-none'),
            why: Message::of('quadratic.check.discriminant-why'),
            lines: self::discriminants($parts),
            holds: true,
        );
    }

    /**
     * @param list<Expression> $solutions
     *
     * @return list<Expression> each once
     */
    private static function once(array $solutions): array
    {
        $once = [];
        foreach ($solutions as $solution) {
            $value = Evaluation::at(new Surds(), [])->of($solution);
            foreach ($once as [, $other]) {
                if ($other->equals($value)) {
                    continue 2;
                }
            }
            $once[] = [$solution, $value];
        }

        return array_map(static fn(array $pair): Expression => $pair[0], $once);
    }

    private static function isReal(Expression $solution): bool
    {
        return Evaluation::at(new Surds(), [])->of($solution)->isReal();
    }

    private static function isFraction(Expression $solution): bool
    {
        $value = Evaluation::at(new Surds(), [])->of($solution)->toRational();

        return $value !== null && !$value->isInteger();
    }
}
