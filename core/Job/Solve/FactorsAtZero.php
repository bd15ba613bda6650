<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\RealSolutionsAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\CurveFigure;
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
use Runel\Method\Embedded;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\Arithmetic;
use Runel\Working\LinearSteps;
use Runel\Working\Quadratic\FormulaWritten;
use Runel\Working\Quadratic\QuadraticDemonstration;
use Runel\Working\Roots\QuadraticPart;

/**
 * Where a product is 0 of linear and quadratic factors, and of powers with a number: each is set equal to 0 and solved
 * on a branch of its own.
 */
final readonly class FactorsAtZero
{
    /** @var non-empty-list<Polynomial> each once */
    private array $factors;

    /**
     * @param non-empty-list<Polynomial> $factors  those with the letter, as often as they occur
     * @param Polynomial                 $whole    all of the side that is 0
     * @param Equation                   $product  all factors, their product set equal to 0
     * @param Equation                   $equation the problem
     */
    public function __construct(
        array $factors,
        private string $letter,
        private Polynomial $whole,
        private Equation $product,
        private Equation $equation,
        private Task $task,
        private QuadraticRoads $roads,
    ) {
        $this->factors = self::different($factors);
    }

    /** The first factor for which there is no way; null where there is one for each. */
    public function open(): ?Polynomial
    {
        $powers = [];
        foreach ($this->factors as $factor) {
            if ($factor->degree() > 1 && $this->roads->of(QuadraticPart::equation($factor, $this->task)) === null) {
                return $factor;
            }
            $powers = $factor->degree() > 2 ? [...$powers, $factor] : $powers;
        }

        // That nothing at all is a solution is said of quadratics alone.
        return $powers !== [] && $this->isEmpty() ? $powers[0] : null;
    }

    /**
     * @return array{list<Section>, list<Expression>, bool} how, the solutions, and whether roots are left in them
     */
    public function solved(): array
    {
        if ($this->isEmpty()) {
            return [[$this->nothing()], [], false];
        }
        [$sections, $solutions, $roots] = $this->branches();
        if ($solutions === []) {
            throw new \LogicException('A factor that can be 0 was solved without a solution.');
        }
        $sections[] = new Section(Phase::Finishing, [$this->assembled($solutions)]);

        return [$sections, $solutions, $roots];
    }

    /** @param list<Expression> $solutions */
    public function answer(array $solutions): SolutionsAnswer|RealSolutionsAnswer|NoSolutionAnswer
    {
        $isRooted = array_filter($this->factors, static fn(Polynomial $factor): bool => $factor->degree() > 2) !== [];

        return match (true) {
            $solutions === [] => new NoSolutionAnswer($this->letter, $this->product),
            $isRooted => new RealSolutionsAnswer($this->letter, $solutions),
            default => new SolutionsAnswer($this->letter, $solutions),
        };
    }

    /**
     * @param list<Expression> $solutions
     *
     * @return non-empty-list<Check>
     */
    public function checks(array $solutions): array
    {
        $checks = array_map(fn(Expression $solution): Check => QuadraticDemonstration::substituted(
            $this->equation,
            $this->letter,
            $solution,
        ), $solutions);

        return $checks === [] ? [$this->negative()] : $checks;
    }

    /**
     * Every factor set equal to 0, and each equation solved on a branch of its own.
     *
     * @return array{list<Section>, list<Expression>, bool} how, the solutions, and whether roots are left in them
     */
    private function branches(): array
    {
        $factors = $this->factors;
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
                max(array_map(static fn(Polynomial $factor): int => $factor->degree(), $factors)) > 2 =>
                    'roots.fork.why-power',
                $this->quadratics() === [] => 'solve.zero.why',
                default => 'roots.fork.why',
            }),
            lines: [Line::equivalent($one ? $equations[0] : new Alternatives($equations), new ZeroProduct())],
            watch: $this->whole->coefficient($this->letter, 0)->isZero() ? Slip::RootLost : null,
        )];
        $sections = [];
        $solutions = [];
        $roots = false;
        foreach ($factors as $place => $factor) {
            $branch = $one ? null : Branch::way($place + 1);
            if ($factor->degree() === 1) {
                $linear = new LinearSteps(
                    $this->letter,
                    $factor->toExpression(),
                    $this->task->style->get(Moving::class),
                    $this->task->problem->polynomial?->like() ?? Rational::one(),
                );
                $solutions[] = Numeral::of($linear->root());
                if (!$linear->isSolved()) {
                    $steps[] = $linear->step('solve-' . ($place + 1), $branch);
                }
                continue;
            }
            $demonstration = $this->apart($factor);
            $own = $demonstration->answer;
            $dead = $own instanceof NoSolutionAnswer ? Message::of(
                $factor->degree() > 2 ? 'roots.quadratic.none-power' : 'roots.quadratic.none',
            ) : null;
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

    /** How a factor of higher degree is solved, set equal to 0. */
    private function apart(Polynomial $factor): Demonstration
    {
        $like = $this->task->problem->polynomial?->like() ?? Rational::one();
        $part = QuadraticPart::equation($factor->scaledBy(Rational::one()->like($like)), $this->task);
        $road = $this->roads->of($part) ?? throw new \LogicException('A quadratic without a road was not refused.');

        return $road->demonstrate($part);
    }

    /** @return list<Polynomial> the factors of degree 2 */
    private function quadratics(): array
    {
        return array_values(array_filter(
            $this->factors,
            static fn(Polynomial $factor): bool => $factor->degree() === 2,
        ));
    }

    /**
     * @param non-empty-list<Polynomial> $factors
     *
     * @return non-empty-list<Polynomial> each once
     */
    private static function different(array $factors): array
    {
        $different = [$factors[0]];
        foreach ($factors as $factor) {
            if (array_filter($different, static fn(Polynomial $other): bool => $other->equals($factor)) === []) {
                $different[] = $factor;
            }
        }

        return $different;
    }

    /** Whether no factor can be 0: none is linear, and none has a real solution. */
    private function isEmpty(): bool
    {
        foreach ($this->factors as $factor) {
            if ($factor->degree() === 1 || !$this->apart($factor)->answer instanceof NoSolutionAnswer) {
                return false;
            }
        }

        return true;
    }

    private function nothing(): Section
    {
        return new Section(Phase::Discriminant, [new Step(
            id: 'no-solution',
            title: Message::of('roots.all.title-factors'),
            why: Message::of('roots.all.why-none'),
            lines: [...$this->discriminants(), Line::result($this->product, new Rewrite())],
            figure: $this->curve([]),
        )]);
    }

    /** @return list<Line> */
    private function discriminants(): array
    {
        $lines = [];
        foreach ($this->quadratics() as $factor) {
            array_push($lines, ...Arithmetic::lines(FormulaWritten::discriminant(...array_map(
                fn(int $power): Rational => $factor->coefficient($this->letter, $power),
                [2, 1, 0],
            ))));
        }

        return $lines;
    }

    /** @param list<Expression> $solutions */
    private function curve(array $solutions): CurveFigure
    {
        return new CurveFigure(
            $this->letter,
            $this->whole->toExpression(),
            null,
            null,
            Numeral::of($this->whole->coefficient($this->letter, 0)),
            array_values(array_filter($solutions, self::isReal(...))),
        );
    }

    /** @param non-empty-list<Expression> $solutions */
    private function assembled(array $solutions): Step
    {
        return new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of(\count($solutions) === 1 ? 'solve.solutions.title-one' : 'solve.solutions.title'),
            why: Message::of('roots.all.why', [
                'count' => \count($solutions),
                'degree' => $this->whole->degree(),
            ]),
            lines: [Line::result($this->answer($solutions)->node(), new JoinBranches())],
            figure: $this->curve($solutions),
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->equation,
                $this->letter,
                $solutions,
            ),
        );
    }

    /** Where no factor can be 0, all are quadratics with a discriminant below 0. */
    private function negative(): Check
    {
        return new Check(
            kind: CheckKind::Discriminant,
            title: Message::of('quadratic.check.discriminant-none'),
            why: Message::of('quadratic.check.discriminant-why'),
            lines: $this->discriminants(),
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
            $value = self::value($solution);
            foreach ($once as [, $other]) {
                if ($value !== null && $other?->equals($value) === true) {
                    continue 2;
                }
            }
            $once[] = [$solution, $value];
        }

        return array_map(static fn(array $pair): Expression => $pair[0], $once);
    }

    private static function isReal(Expression $solution): bool
    {
        return self::value($solution)?->isReal() !== false;
    }

    public static function isFraction(Expression $solution): bool
    {
        return self::value($solution)?->toRational()?->isInteger() === false;
    }

    /** Null of a root of higher index: those are real, and no two factors share one. */
    private static function value(Expression $solution): ?Surd
    {
        try {
            return Evaluation::at(new Surds(), [])->of($solution);
        } catch (NoExactValue) {
            return null;
        }
    }
}
