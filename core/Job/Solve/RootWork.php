<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\RootSum;
use Runel\Algebra\RootTerm;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\NothingLeftAnswer;
use Runel\Demonstration\Answer\TestedSolutionsAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Option;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SquareBothSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Embedded;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Style\RootCommon;
use Runel\Style\RootSquare;
use Runel\Working\BothSides;
use Runel\Working\Known;
use Runel\Working\LastLine;
use Runel\Working\Quadratic\Decimals;

/** One equation with roots worked from the problem to what is left of the candidates. */
final class RootWork
{
    /** Squaring more often than this leads nowhere. */
    private const ROUNDS = 2;

    private RootSum $left;
    private RootSum $right;
    /** @var list<Section> */
    private array $sections = [];
    private ?Refusal $refusal = null;
    private ?Demonstration $rest = null;
    private ?Equation $end = null;
    private TestedCandidates $tested;

    private function __construct(
        private readonly Task $task,
        private readonly RootEquation $equation,
        private readonly QuadraticRoads $roads,
        private readonly int $first,
    ) {
        $this->tested = new TestedCandidates($equation, []);
        $this->left = $equation->left;
        $this->right = $equation->right;
    }

    public static function of(Task $task, RootEquation $equation, QuadraticRoads $roads): self
    {
        return $task->once(self::class, static function () use ($task, $equation, $roads): self {
            $roots = $equation->whole()->roots;
            $works = [];
            foreach (array_keys($roots) as $first) {
                $work = new self($task, $equation, $roads, $first);
                $work->run();
                $works[] = $work;
            }
            $taken = $works[(int) $task->choice(IsolateRoots::CHOICE) - 1] ?? $works[0];
            if (\count($works) === 2 && $taken->refusal === null) {
                $taken->offer($works);
            }

            return $taken;
        });
    }

    public function refusal(): ?Refusal
    {
        return $this->refusal;
    }

    public function demonstration(Method $method): Demonstration
    {
        $answer = match (true) {
            $this->tested->solutions !== [] => new TestedSolutionsAnswer(
                $this->equation->letter,
                $this->tested->solutions,
                $this->tested->rejected,
            ),
            default => new NothingLeftAnswer($this->equation->letter, $this->end(), $this->tested->rejected),
        };
        $sections = Section::warningOnce($this->sections);
        [$sections, $answer] = Decimals::of(
            $this->task,
            $sections === [] ? throw new \LogicException('Nothing was read.') : $sections,
            $answer,
            $this->equation->letter,
        );

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $this->rest?->forecast->fractions ?? false,
                roots: $this->rest?->forecast->roots ?? false,
                advice: $this->squarings() === 0
                    ? Message::of('isolate.advice-seen')
                    : Message::of('isolate.advice', ['count' => $this->squarings()]),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => $this->tested->checks($this->squarings() > 0),
        );
    }

    private function run(): void
    {
        $this->sections[] = new Section(Phase::Reading, [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('isolate.read.title'),
            why: $this->left->isRootAlone() && $this->right->isRootAlone()
                ? Message::of('isolate.read.why-both')
                : Message::of('isolate.read.why', ['count' => \count($this->equation->whole()->roots)]),
            lines: [Line::given($this->equation->equation)],
        )]);
        for ($round = 1; $this->roots() > 0 && $this->refusal === null && $this->end === null; ++$round) {
            if ($round > self::ROUNDS) {
                throw new \LogicException('Each squaring of two roots leaves one, or none.');
            }
            $this->round($round);
        }
        if ($this->squarings() === 1) {
            $this->sections = array_map(
                static fn(Section $section): Section => new Section($section->phase, $section->steps),
                $this->sections,
            );
        }
        if ($this->refusal === null && $this->end === null) {
            $this->finish();
        }
    }

    /** Whether a root alone is said to be negative: nothing has to be squared to see that nothing solves it. */
    private function isBelowZero(): bool
    {
        foreach ([[$this->left, $this->right], [$this->right, $this->left]] as [$root, $number]) {
            $isNegative = $number->roots === [] && $number->plain->isConstant() && !$number->plain->isZero()
                && $number->plain->terms[0]->coefficient->isNegative();
            if ($isNegative && $root->isRootAlone() && !$root->roots[0]->coefficient->isNegative()) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Step> $steps those that have led there */
    private function seen(array $steps): void
    {
        $this->end = $steps === []
            ? $this->equation->equation
            : new Equation($this->left->toExpression(), $this->right->toExpression());
        if ($steps !== []) {
            array_push($this->sections, ...LastLine::ended([new Section(Phase::Isolating, $steps)]));
        }
        $number = $this->left->roots === [] ? $this->left : $this->right;
        $this->sections[] = new Section(Phase::Finishing, [new Step(
            id: 'seen',
            title: Message::of('isolate.seen.title'),
            why: Message::of('isolate.seen.why', ['number' => $number->plain->toExpression()]),
            lines: $steps === [] ? [Line::result($this->end, new Rewrite())] : [],
        )]);
    }

    private function roots(): int
    {
        return \count($this->left->roots) + \count($this->right->roots);
    }

    private function squarings(): int
    {
        return \count(array_filter(
            Section::steps($this->sections),
            static fn(Step $step): bool => $step->role === Role::Squaring,
        ));
    }

    private function round(int $round): void
    {
        $steps = [];
        $isolated = $this->isolated($round);
        if ($isolated !== null) {
            $steps[] = $isolated;
        }
        $after = $this->task->style->get(RootCommon::class) === RootCommon::After;
        array_push($steps, ...($after ? [] : $this->common($round)));
        if ($this->isBelowZero()) {
            $this->seen($steps);

            return;
        }
        array_push($steps, ...$this->squared($round));
        array_push($steps, ...($after && $this->refusal === null ? $this->common($round) : []));
        $this->sections[] = new Section(
            Phase::Isolating,
            $steps,
            \count($this->equation->whole()->roots) > 1 ? $round : null,
        );
    }

    /** One root alone on one side, everything else on the other; null where it stands so already. */
    private function isolated(int $round): ?Step
    {
        $whole = $this->left->minus($this->right);
        if ($whole->roots === []) {
            $this->refusal = new OutOfReach(Message::of('isolate.refusal'));

            return null;
        }
        $own = $this->left->isRootAlone() && (\count($this->right->roots) < 2);
        $other = $this->right->isRootAlone() && (\count($this->left->roots) < 2);
        if ($own || $other) {
            return null;
        }
        $before = new Equation($this->left->toExpression(), $this->right->toExpression());
        if ($round === 1) {
            $before = $this->equation->equation;
        }
        $target = $whole->roots[$round === 1 ? min($this->first, \count($whole->roots) - 1) : 0];
        // On the side where it is positive.
        $onLeft = !$target->coefficient->isNegative();
        $alone = RootSum::of(Polynomial::constant(0), [$onLeft ? $target : $target->with(
            $target->coefficient->negated(),
        )]);
        [$left, $right] = $onLeft
            ? [$alone, $alone->minus($whole)]
            : [$whole->minus(RootSum::of(Polynomial::constant(0), [$target])), $alone];
        $taken = $this->left->minus($left);
        $after = new Equation($left->toExpression(), $right->toExpression());
        $lines = [];
        $move = new ToBothSides(Operation::Subtract, $taken->toExpression());
        if ($this->task->style->get(Moving::class) === Moving::BothSides) {
            $added = array_map(
                static fn(Expression $term): Expression => $term instanceof Negative
                    ? $term->operand
                    : new Negative($term),
                $taken->terms(),
            );
            $lines[] = Line::equivalent(new Equation(
                BothSides::struck($this->left->isZero() ? [Numeral::of(0)] : $before->left->terms(), $added),
                BothSides::struck($this->right->isZero() ? [Numeral::of(0)] : $before->right->terms(), $added),
            ), $move);
            $lines[] = Line::equivalent($after, new Rewrite());
        } else {
            $lines[] = Line::equivalent($after, $move);
        }
        [$this->left, $this->right] = [$left, $right];

        return new Step(
            id: "isolate-$round",
            role: Role::Isolating,
            title: Message::of('isolate.isolate.title', ['root' => $target->root()]),
            why: Message::of($round === 1 ? 'isolate.isolate.why' : 'isolate.isolate.why-again', [
                'done' => $this->done($taken),
            ]),
            lines: $lines,
        );
    }

    /** What is done to both sides, as people say it. */
    private function done(RootSum $taken): Message
    {
        $terms = $taken->terms();
        $term = $terms[0];

        return match (true) {
            \count($terms) > 1 => Message::of('isolate.isolate.all'),
            $this->task->style->get(Moving::class) === Moving::Across => Message::of('isolate.isolate.across', [
                'term' => $term,
            ]),
            $term instanceof Negative => Message::of('isolate.isolate.add', ['term' => $term->operand]),
            default => Message::of('isolate.isolate.subtract', ['term' => $term]),
        };
    }

    /** @return list<Step> a number that goes into everything divided out */
    private function common(int $round): array
    {
        $common = Rational::zero();
        foreach ([$this->left, $this->right] as $side) {
            $common = $common->commonDivisor($side->plain->content());
            foreach ($side->roots as $root) {
                $common = $common->commonDivisor($root->coefficient);
            }
        }
        if ($common->isZero() || $common->isOne() || !$common->isInteger()) {
            return [];
        }
        $divide = static fn(RootSum $side): RootSum => RootSum::of(
            $side->plain->scaledBy($common->reciprocal()),
            array_map(
                static fn(RootTerm $root): RootTerm => $root->with($root->coefficient->dividedBy($common)),
                $side->roots,
            ),
        );
        [$this->left, $this->right] = [$divide($this->left), $divide($this->right)];
        $number = Numeral::of($common);

        $isSquared = $this->task->style->get(RootCommon::class) === RootCommon::After;

        return [new Step(
            id: "common-$round",
            title: Message::of('isolate.common.title', ['number' => $number]),
            why: Message::of($isSquared ? 'isolate.common.why-after' : 'isolate.common.why', ['number' => $number]),
            lines: [Line::equivalent(
                new Equation($this->left->toExpression(), $this->right->toExpression()),
                new ToBothSides(Operation::Divide, $number),
            )],
        )];
    }

    /** @return list<Step> both sides squared, then multiplied out in full */
    private function squared(int $round): array
    {
        [$left, $right] = [SquaredSide::of($this->left), SquaredSide::of($this->right)];
        if ($left === null || $right === null) {
            $this->refusal = new OutOfReach(Message::of('isolate.refusal-product'));

            return [];
        }
        if ($left->outcome->plain->minus($right->outcome->plain)->degree() > 2) {
            $this->refusal = new OutOfReach(Message::of('isolate.refusal-degree'));

            return [];
        }
        [$this->left, $this->right] = [$left->outcome, $right->outcome];
        $long = $right->hasSeveralTerms() ? $right : ($left->hasSeveralTerms() ? $left : null);
        $grid = $long?->grid();
        $byName = $grid !== null && $this->task->style->get(RootSquare::class) === RootSquare::Products;

        return [
            new Step(
                id: "square-$round",
                role: Role::Squaring,
                title: Message::of('isolate.square.title'),
                why: Message::of($round === 1 ? 'isolate.square.why' : 'isolate.square.why-again'),
                lines: [Line::implies(new Equation($left->written(), $right->written()), new SquareBothSides())],
                watch: Slip::ExtraneousKept,
            ),
            new Step(
                id: "multiply-out-$round",
                title: Message::of($grid === null ? 'isolate.out.title' : 'isolate.out.title-grid'),
                why: Message::of($grid === null ? 'isolate.out.why' : 'isolate.out.why-grid'),
                lines: self::multipliedOut($left, $right, $byName),
                figure: $byName ? null : $grid,
                question: $long?->question(),
                watch: $grid === null ? null : Slip::SquaredTermByTerm,
            ),
        ];
    }

    /**
     * @param bool $byName whether the products are named before they are worked out
     *
     * @return non-empty-list<Line>
     */
    private static function multipliedOut(SquaredSide $left, SquaredSide $right, bool $byName): array
    {
        $equations = [];
        if ($left->numberSquared() !== null || $right->numberSquared() !== null) {
            $equations[] = new Equation(
                $left->numberSquared() ?? $left->written(),
                $right->numberSquared() ?? $right->written(),
            );
        }
        if ($byName) {
            $equations[] = new Equation($left->named, $right->named);
        }
        $full = new Equation($left->product, $right->product);
        $tidy = new Equation($left->outcome->toExpression(), $right->outcome->toExpression());
        array_push($equations, $full, ...($full->equals($tidy) ? [] : [$tidy]));

        return array_map(
            static fn(Equation $equation): Line => Line::equivalent($equation, new Rewrite()),
            $equations,
        );
    }

    private function finish(): void
    {
        $left = $this->left->plain;
        $right = $this->right->plain;
        $whole = $left->minus($right);
        if ($whole->isZero()) {
            $this->refusal = new OutOfReach(Message::of('isolate.refusal-all'));

            return;
        }
        $part = new Equation($left->toExpression(), $right->toExpression());
        if ($whole->isConstant()) {
            $this->sections[] = new Section(Phase::Solving, [new Step(
                id: 'none',
                title: Message::of('isolate.none.title'),
                why: Message::of('isolate.none.why'),
                lines: [...$this->contradiction($left, $right)],
            )]);

            return;
        }
        $task = new Task(
            Problem::of($part),
            $this->task->style->with('answers', 'exact'),
            $this->task->choices,
        );
        $solved = Known::linear($task);
        $method = $solved === null ? $this->roads->of($task) : new Balance();
        if ($method === null) {
            $this->refusal = new OutOfReach(Message::of('isolate.refusal-degree'));

            return;
        }
        if ($solved !== null && $solved->isSolved()) {
            $this->test([$part->right]);

            return;
        }
        $this->rest = $method->demonstrate($task);
        $answer = $this->rest->answer;
        $sections = Embedded::onBranch($this->rest->sections, 'rest-', $part, null, null);
        if ($answer instanceof NoSolutionAnswer) {
            array_push($this->sections, ...LastLine::ended($sections));

            return;
        }
        array_push($this->sections, ...$sections);
        $this->test($answer->solutions() ?? []);
    }

    /** @param list<Expression> $candidates */
    private function test(array $candidates): void
    {
        $this->tested = new TestedCandidates($this->equation, $candidates);
        $this->sections[] = new Section(Phase::Finishing, $this->tested->steps($this->sections));
    }

    /** @return list<Line> what is left says that two different numbers are equal */
    private function contradiction(Polynomial $left, Polynomial $right): array
    {
        $common = Polynomial::ofTerms(array_filter(
            $right->terms,
            static fn($term): bool => $term->monomial->exponents !== [],
        ));
        $end = new Equation($left->minus($common)->toExpression(), $right->minus($common)->toExpression());
        $this->end = $end;

        return [
            Line::result($end, $common->isZero()
                ? new Rewrite()
                : new ToBothSides(Operation::Subtract, $common->toExpression())),
        ];
    }

    private function end(): Equation
    {
        if ($this->end !== null) {
            return $this->end;
        }
        $last = $this->tested->rejected[\count($this->tested->rejected) - 1] ?? null;
        $own = $this->rest?->answer->node();

        return $last === null && $own instanceof Equation ? $own : new Equation(
            Substitution::into($this->equation->equation->left, $this->equation->letter, $last ?? Numeral::of(0)),
            Substitution::into($this->equation->equation->right, $this->equation->letter, $last ?? Numeral::of(0)),
        );
    }

    /** @param list<self> $works by which root comes first */
    private function offer(array $works): void
    {
        $options = [];
        foreach ($works as $place => $work) {
            if ($work->refusal === null) {
                $options[] = new Option(
                    IsolateRoots::CHOICE,
                    (string) ($place + 1),
                    Message::of('isolate.option', [
                        'root' => $this->equation->whole()->roots[$place]->root(),
                        'count' => Section::lines($work->sections),
                    ]),
                    $work === $this,
                );
            }
        }
        foreach ($this->sections as $number => $section) {
            foreach ($section->steps as $place => $step) {
                if ($step->role === Role::Isolating && \count($options) > 1) {
                    $steps = $section->steps;
                    $steps[$place] = $step->withOptions($options);
                    $sections = $this->sections;
                    $sections[$number] = $section->withSteps(array_values($steps));
                    $this->sections = array_values($sections);

                    return;
                }
            }
        }
    }
}
