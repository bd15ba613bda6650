<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\HiddenQuadratic;
use Runel\Algebra\RootOfSurd;
use Runel\Algebra\SquareRoot;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\NothingLeftAnswer;
use Runel\Demonstration\Answer\RealSolutionsAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Answer\TestedSolutionsAnswer;
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
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\ToBothSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Embedded;
use Runel\Method\Factored;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Style\NegativeRoot;
use Runel\Style\SomethingNamed;
use Runel\Working\Arithmetic;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\Quadratic\FormulaWritten;
use Runel\Working\Quadratic\QuadraticDemonstration;
use Runel\Working\Roots\QuadraticPart;

/** One equation that is a quadratic in something, worked from the problem to all solutions. */
final class SubstitutionWork
{
    private ?Refusal $refusal = null;
    /** @var list<Section> */
    private array $sections = [];
    /** @var list<Expression> */
    private array $solutions = [];
    private bool $hasRoots = false;
    private ?Equation $dead = null;
    private ?Equation $lastWay = null;

    /** @param \Closure(Task): ?Method $road */
    private function __construct(
        private readonly Task $task,
        private readonly Equation $equation,
        private readonly string $letter,
        private readonly HiddenQuadratic $hidden,
        private readonly WaysToFactor $factoring,
        private readonly \Closure $road,
    ) {}

    /** @param \Closure(Task): ?Method $road the way to what the something equals; null where there is none */
    public static function of(
        Task $task,
        Equation $equation,
        string $letter,
        HiddenQuadratic $hidden,
        WaysToFactor $factoring,
        \Closure $road,
    ): self {
        $work = new self($task, $equation, $letter, $hidden, $factoring, $road);
        $work->run();

        return $work;
    }

    public function refusal(): ?Refusal
    {
        return $this->refusal;
    }

    public function demonstration(Method $method): Demonstration
    {
        $sections = $this->sections === [] ? throw new \LogicException('Nothing was read.') : $this->sections;
        [$sections, $answer] = Decimals::of($this->task, $sections, $this->answer(), $this->letter);

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                roots: $this->hasRoots,
                advice: Message::of('substitution.advice', ['something' => $this->hidden->something]),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => $this->checks(),
        );
    }

    private function run(): void
    {
        $this->sections[] = new Section(Phase::Reading, [
            new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('substitution.read', ['something' => $this->hidden->something]),
                lines: [Line::given($this->equation)],
            ),
            ...$this->gathered(),
        ]);
        if ($this->isNamed()) {
            $this->sections[] = new Section(Phase::SettingUp, [$this->named()]);
        }
        try {
            $quadratic = $this->hidden->quadratic;
            $isSplit = Trinomial::of($quadratic)?->isPrime() === false;
        } catch (TooLarge $refusal) {
            $this->refusal = $refusal;

            return;
        }
        $isSplit ? $this->split() : $this->byFormula();
        if ($this->refusal === null && $this->dead === null) {
            $this->finish();
        }
    }

    private function isComplex(): bool
    {
        return $this->task->style->get(NegativeRoot::class) === NegativeRoot::Complex;
    }

    private function isNamed(): bool
    {
        return $this->task->style->get(SomethingNamed::class) === SomethingNamed::Named;
    }

    private function named(): Step
    {
        $unknown = new Letter($this->hidden->unknown);

        return new Step(
            id: 'name',
            title: Message::of('substitution.name.title', [
                'something' => $this->hidden->something,
                'unknown' => $unknown,
            ]),
            why: Message::of('substitution.name.why', [
                'unknown' => $unknown,
                'equation' => new Equation($this->hidden->quadratic->toExpression(), Numeral::of(0)),
            ]),
        );
    }

    /** @return list<Step> everything on one side, seen as the quadratic it is */
    private function gathered(): array
    {
        $written = new Equation($this->hidden->written(), Numeral::of(0));
        $lines = [];
        if (!$this->equation->right->isZero()) {
            $lines[] = Line::equivalent(
                $written,
                new ToBothSides(Operation::Subtract, $this->equation->right),
            );
        } elseif (!$written->equals($this->equation)) {
            $lines[] = Line::equivalent($written, new Rewrite());
        }

        return $lines === [] ? [] : [new Step(
            id: 'gather',
            title: Message::of($this->equation->right->isZero()
                ? 'substitution.gather.title'
                : 'substitution.gather.title-zero'),
            why: Message::of('substitution.gather.why', ['something' => $this->hidden->something]),
            lines: $lines,
        )];
    }

    /** The quadratic factors: each factor is set equal to 0. */
    private function split(): void
    {
        $part = QuadraticPart::expression($this->hidden->quadratic, $this->task);
        $way = $this->factoring->fitting($part)[0] ?? null;
        if ($way === null) {
            $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

            return;
        }
        $factored = $way->factoring($part);
        if ($this->isNamed()) {
            array_push($this->sections, ...Embedded::beside(
                $factored->sections,
                'named-',
                $this->hidden->quadratic->toExpression(),
            ));
        }
        $factors = array_map($this->hidden->bracket(...), $factored->factors);
        $front = $this->front($factored);
        $isDouble = \count(self::different($factored->factors)) === 1;
        if ($isDouble && !$front->isOne()) {
            $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

            return;
        }
        $product = $isDouble
            ? new Power($factors[0], Numeral::of(2))
            : Product::of([...($front->isOne() ? [] : [Numeral::of($front)]), ...$factors]);
        $equations = array_map(
            fn(Polynomial $factor): Equation => new Equation($this->hidden->back($factor), Numeral::of(0)),
            self::different($factored->factors),
        );
        if ($equations === []) {
            throw new \LogicException('A quadratic that factors has factors.');
        }
        $this->sections[] = new Section(Phase::Solving, [
            $this->putBack($product, self::product($front, $factored->factors)),
            new Step(
                id: 'zero-product',
                title: Message::of($isDouble ? 'solve.zero.title-double' : 'solve.zero.title'),
                why: Message::of($isDouble ? 'solve.zero.why-double' : 'solve.zero.why'),
                lines: [Line::equivalent(
                    self::either($equations),
                    $isDouble ? new RootBothSides() : new ZeroProduct(),
                )],
            ),
        ]);
        $this->branches($equations);
    }

    /** The factors of the quadratic, with what was hidden put back. */
    private function putBack(Expression $product, Expression $factored): Step
    {
        return new Step(
            id: 'back',
            title: Message::of('substitution.back.title'),
            why: $this->isNamed()
                ? Message::of('substitution.back.why', [
                    'unknown' => new Letter($this->hidden->unknown),
                    'something' => $this->hidden->something,
                ])
                : Message::of('substitution.back.why-straight', ['something' => $this->hidden->something]),
            lines: [Line::equivalent(new Equation($product, Numeral::of(0)), new Rewrite())],
            // With a name it has been asked already.
            question: $this->isNamed() ? null : Question::factoring(
                Message::of('factor.brackets.ask', ['trinomial' => $this->hidden->quadratic->toExpression()]),
                [new Identity(
                    $this->hidden->quadratic->toExpression(),
                    $factored,
                )],
            ),
            watch: $this->isNamed() ? Slip::NotPutBack : null,
        );
    }

    /** @param list<Polynomial> $factors */
    private static function product(Rational $front, array $factors): Expression
    {
        return Product::of([
            ...($front->isOne() ? [] : [Numeral::of($front)]),
            ...array_map(static fn(Polynomial $factor): Expression => $factor->toExpression(), $factors),
        ]);
    }

    /** What all factors together lack of the quadratic. */
    private function front(Factored $factored): Rational
    {
        $product = Rational::one();
        foreach ($factored->factors as $factor) {
            $product = $product->times($factor->coefficient($this->hidden->unknown, 1));
        }

        return $this->hidden->coefficient(2)->dividedBy($product);
    }

    /** The quadratic does not factor: its solutions by the formula. */
    private function byFormula(): void
    {
        [$a, $b, $c] = array_map($this->hidden->coefficient(...), [2, 1, 0]);
        $discriminant = $b->times($b)->minus(Rational::of(4)->times($a)->times($c));
        $written = new Equation($this->hidden->written(), Numeral::of(0));
        $step = new Step(
            id: 'discriminant',
            title: Message::of('substitution.formula.title'),
            why: Message::of($discriminant->isNegative()
                ? 'substitution.formula.why-negative'
                : 'substitution.formula.why', ['something' => $this->hidden->something]),
            lines: Arithmetic::lines(FormulaWritten::discriminant($a, $b, $c)),
        );
        if ($discriminant->isNegative()) {
            if ($this->isComplex() || Inside::holds($this->hidden->something, Root::class)) {
                $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

                return;
            }
            $this->dead = $written;
            $this->sections[] = new Section(Phase::Solving, [$step, new Step(
                id: 'none',
                title: Message::of('isolate.left.title-none'),
                why: Message::of('substitution.formula.why-none'),
                lines: [Line::result($written, new Rewrite())],
            )]);

            return;
        }
        if (SquareRoot::of($discriminant) === null || $discriminant->isZero()) {
            $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

            return;
        }
        $this->byValues($step, $discriminant);
    }

    /** What the formula gives the hidden part, and the letter from there. */
    private function byValues(Step $step, Rational $discriminant): void
    {
        $this->hasRoots = true;
        [$a, $b] = array_map($this->hidden->coefficient(...), [2, 1]);
        $double = Rational::of(2)->times($a);
        $part = SquareRoot::of($discriminant->dividedBy($double->times($double)))
            ?? throw new \LogicException('The root of a smaller number is no larger.');
        $middle = $b->negated()->dividedBy($double);
        $values = array_map(
            static fn(bool $minus): Expression => $part->beside($middle, $minus, true),
            [false, true],
        );
        $equations = array_map(fn(Expression $value): Equation => new Equation(
            $this->hidden->something,
            $value,
        ), $values);
        $this->sections[] = new Section(Phase::Solving, [$step, new Step(
            id: 'formula',
            title: Message::of('substitution.formula.title-values', ['something' => $this->hidden->something]),
            why: Message::of('substitution.formula.why-values', ['something' => $this->hidden->something]),
            lines: [Line::equivalent(self::either($equations), new JoinBranches())],
        )]);
        $something = $this->hidden->something;
        $index = $something->wholeExponent() ?? 0;
        if ($something instanceof Power && $something->base instanceof Letter && !$part->isRational()) {
            foreach ($equations as $place => $equation) {
                $front = $place === 0 ? $part->coefficient : $part->coefficient->negated();
                $this->rooted($place + 1, new SurdPower(
                    $this->letter,
                    $equation,
                    $index,
                    $index === 2 ? RootOfSurd::of($middle, $front, $part->inside) : null,
                ));
            }

            return;
        }
        $this->branches($equations);
    }

    private function rooted(int $number, SurdPower $power): void
    {
        $this->lastWay = $power->equation;
        if ($power->hasOtherRoots() && $this->isComplex()) {
            $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

            return;
        }
        array_push($this->solutions, ...$power->roots());
        $this->sections[] = new Section(Phase::Solving, [$power->step($number)]);
    }

    /** @param non-empty-list<Equation> $equations what the something equals, each on a branch of its own */
    private function branches(array $equations): void
    {
        foreach ($equations as $place => $equation) {
            $this->lastWay = $equation;
            $branch = \count($equations) === 1 ? null : Branch::way($place + 1);
            if ($this->hidden->something instanceof Root) {
                $worked = (new WayUnderRoot($this->hidden->something, $this->letter))
                    ->worked($equation, $place + 1, $branch);
                if ($worked === null) {
                    $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

                    return;
                }
                [$step, $this->lastWay, $solution] = $worked;
                $this->sections[] = new Section(Phase::Isolating, [$step]);
                array_push($this->solutions, ...($solution === null ? [] : [$solution]));
                continue;
            }
            if (!$equation->right->isNumber() && Polynomial::tryFrom($this->hidden->something)?->degree() === 1) {
                [$step, $this->solutions[]] = LetterAlone::of(
                    $this->letter,
                    $this->hidden->something,
                    $equation->right,
                    $this->task->style->get(Moving::class),
                    'way-' . ($place + 1) . '-alone',
                    $branch,
                );
                array_push($this->sections, ...($step === null ? [] : [new Section(Phase::Isolating, [$step])]));
                continue;
            }
            $said = $equation->left->equals(new Letter($this->letter)) && $equation->right->isNumber();
            if ($said) {
                $this->solutions[] = $equation->right;
                continue;
            }
            try {
                $task = new Task(Problem::of($equation), $this->task->style->with('answers', 'exact'));
                $method = ($this->road)($task);
                if ($method === null) {
                    $this->refusal = new OutOfReach(Message::of('substitution.refusal-part'));

                    return;
                }
                $solved = $method->demonstrate($task);
            } catch (Refusal $refusal) {
                $this->refusal = $refusal;

                return;
            }
            $isDead = $solved->answer instanceof NoSolutionAnswer || $solved->answer instanceof NothingLeftAnswer;
            array_push($this->sections, ...Embedded::onBranch(
                $solved->sections,
                'way-' . ($place + 1) . '-',
                $equation,
                $branch,
                $isDead ? Message::of('substitution.dead') : null,
            ));
            array_push($this->solutions, ...($isDead ? [] : $solved->answer->solutions() ?? []));
        }
    }

    private function finish(): void
    {
        if ($this->solutions === []) {
            // A polynomial shows it itself; of roots, the last way does.
            $this->dead = $this->task->problem->polynomial !== null ? $this->equation : $this->lastWay;
            $this->sections[] = new Section(Phase::Finishing, [new Step(
                id: 'none',
                title: Message::of('isolate.left.title-none'),
                why: Message::of('substitution.solutions.why-none'),
            )]);

            return;
        }
        $several = \count($this->solutions) > 1;
        $this->sections[] = new Section(Phase::Finishing, [new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of($several ? 'solve.solutions.title' : 'solve.solutions.title-one'),
            why: Message::of($several ? 'substitution.solutions.why' : 'substitution.solutions.why-one'),
            lines: [Line::result($this->answer()->node(), new JoinBranches())],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->equation,
                $this->letter,
                $this->solutions,
            ),
        )]);
    }

    private function answer(): Answer
    {
        if ($this->dead !== null) {
            return new NothingLeftAnswer($this->letter, $this->dead, []);
        }
        if ($this->solutions === []) {
            throw new \LogicException('Nothing was found, and it was not refused.');
        }

        return match (true) {
            array_filter($this->solutions, self::holdsOtherRoot(...)) !== [] => new RealSolutionsAnswer(
                $this->letter,
                $this->solutions,
            ),
            $this->task->problem->polynomial !== null => new SolutionsAnswer($this->letter, $this->solutions),
            default => new TestedSolutionsAnswer($this->letter, $this->solutions, []),
        };
    }

    /** Roots of another index, or with roots under them. */
    private static function holdsOtherRoot(Node $node): bool
    {
        return ($node instanceof Root && ($node->index !== 2 || Inside::holds($node->radicand, Root::class)))
            || array_filter($node->children(), self::holdsOtherRoot(...)) !== [];
    }

    /** @return non-empty-list<Check> */
    private function checks(): array
    {
        $checks = array_map(
            fn(Expression $solution): Check => QuadraticDemonstration::substituted(
                $this->equation,
                $this->letter,
                $solution,
            ),
            $this->solutions,
        );

        // Where nothing solves it, the value of the quadratic somewhere is on the side where it always is.
        return $checks === [] ? [new Check(
            kind: CheckKind::Substitution,
            title: Message::of('isolate.check.none', ['number' => Numeral::of(2)]),
            why: Message::of('substitution.check-none'),
            lines: PutIn::lines($this->equation, $this->letter, Numeral::of(2)),
            holds: true,
        )] : $checks;
    }

    /** @param non-empty-list<Equation> $equations */
    private static function either(array $equations): Equation|Alternatives
    {
        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return list<Polynomial> each once
     */
    private static function different(array $factors): array
    {
        $different = [];
        foreach ($factors as $factor) {
            if (array_filter($different, static fn(Polynomial $one): bool => $one->equals($factor)) === []) {
                $different[] = $factor;
            }
        }

        return $different;
    }
}
