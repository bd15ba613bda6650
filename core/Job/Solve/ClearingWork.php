<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Answer\AllNumbersAnswer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\NothingLeftAnswer;
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
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\Denominator;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
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
use Runel\Working\CommonDenominator;
use Runel\Working\LastLine;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\SaidOn;

/** One equation with its letter below a line, worked from the problem to what is left of the candidates. */
final class ClearingWork
{
    private readonly FactoredPolynomial $common;
    /** @var list<Rational> what the letter may not be */
    private readonly array $excluded;
    private ?Refusal $refusal = null;
    private ?Demonstration $rest = null;
    private ?Equation $end = null;
    /** The last line, where it is true whatever the letter is. */
    private ?Equation $identity = null;
    /** @var list<Section> */
    private array $sections = [];
    /** @var list<Expression> */
    private array $solutions = [];
    /** @var list<Expression> */
    private array $rejected = [];

    /** @param \Closure(Task): ?Method $road */
    private function __construct(
        private readonly Task $task,
        private readonly FractionEquation $equation,
        private readonly \Closure $road,
    ) {
        $this->common = $equation->denominator();
        $this->excluded = $this->common->zeros($equation->letter);
    }

    /** @param \Closure(Task): ?Method $road the way to what is left; null where there is none */
    public static function of(Task $task, FractionEquation $equation, \Closure $road): self
    {
        return $task->once(self::class, static function () use ($task, $equation, $road): self {
            $work = new self($task, $equation, $road);
            $work->run();

            return $work;
        });
    }

    public function refusal(): ?Refusal
    {
        return $this->refusal;
    }

    public function demonstration(Method $method): Demonstration
    {
        $letter = $this->equation->letter;
        [$sections, $answer] = Decimals::of(
            $this->task,
            $this->sections === [] ? throw new \LogicException('Nothing was read.') : $this->sections,
            match (true) {
                $this->identity !== null => new AllNumbersAnswer(
                    $this->identity,
                    $letter,
                    array_map(Numeral::of(...), $this->excluded),
                ),
                $this->solutions !== [] => new TestedSolutionsAnswer($letter, $this->solutions, $this->rejected),
                default => new NothingLeftAnswer($letter, $this->end(), $this->rejected),
            },
            $letter,
        );

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $this->rest?->forecast->fractions ?? false,
                roots: $this->rest?->forecast->roots ?? false,
                advice: Message::of('clear.advice', ['denominator' => $this->common->toExpression()]),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => $this->checks(),
        );
    }

    private function run(): void
    {
        $this->sections[] = new Section(Phase::Reading, [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of('clear.read.why', ['letter' => new Letter($this->equation->letter)]),
            lines: [Line::given($this->equation->equation)],
        )]);
        $part = new Equation($this->cleared($this->equation->left), $this->cleared($this->equation->right));
        $setUp = [...$this->factored(), ...$this->named(), ...$this->excluding()];
        if ($setUp !== []) {
            $this->sections[] = new Section(Phase::SettingUp, $setUp);
        }
        $this->sections[] = new Section(Phase::Tidying, [$this->multiplied($part)]);
        $this->finish($part);
    }

    /** @return list<Step> the denominators that are products, as such */
    private function factored(): array
    {
        $lines = [];
        foreach ([...$this->equation->left, ...$this->equation->right] as [$term]) {
            $below = self::below($term);
            $polynomial = $below === null ? null : Polynomial::tryFrom($below);
            if ($below === null || $polynomial === null || $polynomial->isConstant()) {
                continue;
            }
            $factored = FactoredPolynomial::of($polynomial)->toExpression();
            $isKnown = array_filter($lines, static fn(Line $line): bool => $line->node instanceof Equation
                && $line->node->left->equals($below)) !== [];
            if (!$isKnown && !$factored->equals($below) && $factored->bare() instanceof Product) {
                $lines[] = Line::side($below, $factored);
            }
        }

        return $lines === [] ? [] : [new Step(
            id: 'factor-below',
            title: Message::of('clear.factor.title'),
            why: Message::of('clear.factor.why'),
            lines: $lines,
        )];
    }

    private static function below(Expression $term): ?Expression
    {
        $bare = $term->bare();

        return $bare->below();
    }

    /** @return list<Step> the least common denominator made; nothing where there is only one */
    private function named(): array
    {
        $lines = CommonDenominator::lines($this->common, array_column(
            [...$this->equation->left, ...$this->equation->right],
            1,
        ));

        $common = $this->common->toExpression();

        return $lines === [] ? [] : [new Step(
            id: 'common-denominator',
            title: Message::of('clear.common.title', ['denominator' => $common]),
            why: Message::of('clear.common.why'),
            lines: $lines,
            question: Question::form(
                Message::of('clear.common.ask'),
                new Denominator($common, array_map(
                    static fn(array $term): Expression => $term[1]->bottom->toExpression(),
                    [...$this->equation->left, ...$this->equation->right],
                ), $this->equation->letter),
                $common,
            ),
        )];
    }

    /** @return list<Step> what the letter may not be, before anything is multiplied */
    private function excluding(): array
    {
        if ($this->excluded === []) {
            return [];
        }
        $letter = new Letter($this->equation->letter);
        $lines = [];
        foreach ($this->excluded as $value) {
            foreach ($this->common->factors as [$factor]) {
                $put = Substitution::into($factor->toExpression(), $letter->name, Numeral::of($value));
                if ($factor->degree() === 1 && Polynomial::vanishes($put) && !$put->isNumber()) {
                    $lines[] = Line::side($put, Numeral::of(0));
                }
            }
        }
        $places = array_map(
            static fn(Rational $value): Equation => new Equation($letter, Numeral::of($value)),
            $this->excluded,
        );
        $zero = new Equation($this->common->toExpression(), Numeral::of(0));

        return [new Step(
            id: 'excluded',
            title: Message::of('clear.excluded.title', [
                'places' => \count($places) === 1 ? $places[0] : new Alternatives($places),
            ]),
            why: Message::of('clear.excluded.why'),
            lines: $lines,
            question: Question::solutions(
                Message::of('clear.excluded.ask', ['letter' => $letter]),
                $zero,
                $letter->name,
                array_map(Numeral::of(...), $this->excluded),
            ),
            watch: Slip::ExcludedKept,
        )];
    }

    private function multiplied(Equation $part): Step
    {
        $common = $this->common->toExpression();
        $written = new Equation($this->times($this->equation->left), $this->times($this->equation->right));

        return new Step(
            id: 'clear',
            title: Message::of('clear.clear.title', ['denominator' => $common]),
            why: Message::of('clear.clear.why'),
            lines: [
                Line::implies($written, new ToBothSides(Operation::Multiply, $common)),
                Line::implies($part, new Rewrite()),
            ],
            watch: Slip::FractionClearedOneTerm,
        );
    }

    /**
     * A side with each of its terms times the common denominator.
     *
     * @param list<array{Expression, AlgebraicFraction}> $terms
     */
    private function times(array $terms): Expression
    {
        return Sum::of(array_map(function (array $term): Expression {
            $isMinus = $term[0] instanceof Negative;
            $product = Product::of([
                $isMinus ? $term[0]->operand : $term[0],
                ...$this->common->toExpression()->factors(),
            ]);

            return $product->signed($isMinus);
        }, $terms));
    }

    /**
     * A side without its denominators: each term above times what the common denominator has and its own has not.
     *
     * @param list<array{Expression, AlgebraicFraction}> $terms
     */
    private function cleared(array $terms): Expression
    {
        $cleared = [];
        foreach ($terms as [, $fraction]) {
            array_push($cleared, ...$fraction->cleared($this->common)->terms());
        }

        return Sum::of($cleared);
    }

    private function finish(Equation $part): void
    {
        $task = new Task(Problem::of($part), $this->task->style->with('answers', 'exact'), $this->task->choices);
        $isTrue = $task->problem->letters === [] && $task->problem->polynomial?->isZero() === true;
        if ($isTrue || $part->left->equals($part->right)) {
            $this->sections = LastLine::ended($this->sections);
            $this->all($part);

            return;
        }
        if ($task->problem->letters === []) {
            $this->end = $part;
            $this->sections = LastLine::ended($this->sections);
            $this->sections[] = new Section(Phase::Finishing, [new Step(
                id: 'none',
                title: Message::of('isolate.none.title'),
                why: Message::of('isolate.none.why'),
            )]);

            return;
        }
        $candidates = self::said($part, $this->equation->letter);
        if ($candidates === null) {
            $method = ($this->road)($task);
            if ($method === null) {
                $this->refusal = new OutOfReach(Message::of('clear.refusal-degree'));

                return;
            }
            $this->rest = $method->demonstrate($task);
            $answer = $this->rest->answer;
            $sections = Embedded::onBranch($this->rest->sections, 'rest-', $part, null, null);
            if ($answer instanceof AllNumbersAnswer) {
                // That every number solves what is left is said once, with what is excluded.
                $written = array_filter($sections, static fn(Section $section): bool => array_filter(
                    $section->steps,
                    static fn(Step $step): bool => $step->lines !== [],
                ) !== []);
                array_push($this->sections, ...LastLine::ended(array_values($written)));
                $this->all($answer->node());

                return;
            }
            if ($answer instanceof NoSolutionAnswer) {
                array_push($this->sections, ...LastLine::ended($sections));

                return;
            }
            array_push($this->sections, ...$sections);
            $candidates = $answer->solutions() ?? [];
        }
        $this->sections[] = new Section(Phase::Finishing, $this->tested($candidates));
    }

    /** The last line is true whatever the letter is: only what is excluded solves nothing. */
    private function all(Equation $identity): void
    {
        $letter = new Letter($this->equation->letter);
        $places = array_map(
            static fn(Rational $value): Equation => new Equation($letter, Numeral::of($value)),
            $this->excluded,
        );
        $this->identity = $identity;
        $this->sections[] = new Section(Phase::Finishing, [new Step(
            id: 'all',
            title: Message::of($places === [] ? 'clear.all.title-every' : 'clear.all.title'),
            why: $places === [] ? Message::of('clear.all.why-every') : Message::of('clear.all.why', [
                'places' => \count($places) === 1 ? $places[0] : new Alternatives($places),
                'letter' => $letter,
            ]),
            watch: $places === [] ? null : Slip::ExcludedKept,
        )]);
    }

    /** @return non-empty-list<Expression>|null the value, where it says one already */
    private static function said(Equation $part, string $letter): ?array
    {
        return $part->left instanceof Letter && $part->left->name === $letter && $part->right->isNumber()
            ? [$part->right]
            : null;
    }

    /**
     * Every candidate put into the original, the excluded ones struck out; then what is left.
     *
     * @param list<Expression> $candidates
     *
     * @return non-empty-list<Step>
     */
    private function tested(array $candidates): array
    {
        $letter = $this->equation->letter;
        $several = \count($candidates) > 1;
        $steps = [];
        foreach ($candidates as $place => $candidate) {
            $said = new Equation(new Letter($letter), $candidate);
            $isExcluded = $this->isExcluded($candidate);
            $lines = $this->put($candidate);
            if ($isExcluded) {
                $this->rejected[] = $candidate;
                $way = $several ? Branch::way($place + 1) : null;
                foreach (SaidOn::branches($this->sections, $said, $way) as $branch) {
                    $lines[] = Line::result($said, new Rewrite(), $branch)->reject(
                        Message::of('clear.test.rejected'),
                    );
                }
            } else {
                $this->solutions[] = $candidate;
            }
            $steps[] = new Step(
                id: 'test-' . ($place + 1),
                title: Message::of('isolate.test.title', ['place' => $said]),
                why: Message::of($isExcluded ? 'clear.test.why-excluded' : 'clear.test.why-holds'),
                lines: $lines,
                watch: Slip::ExcludedKept,
            );
        }
        $answer = $this->solutions === [] ? null : new SolutionsAnswer($letter, $this->solutions);
        $steps[] = new Step(
            id: 'left',
            title: Message::of($answer === null ? 'isolate.left.title-none' : 'isolate.left.title'),
            why: Message::of(match (true) {
                $answer === null => 'clear.left.why-none',
                $this->rejected === [] => 'clear.left.why-all',
                default => 'clear.left.why',
            }),
            lines: $answer === null
                ? []
                : [Line::result($answer->node(), $several ? new JoinBranches() : new Rewrite())],
        );

        return $steps;
    }

    private function isExcluded(Expression $candidate): bool
    {
        $value = $candidate->number();

        return $value !== null && array_filter(
            $this->excluded,
            static fn(Rational $one): bool => $one->equals($value),
        ) !== [];
    }

    /** @return list<Line> both sides of the original worked out apart, or the denominator that becomes 0 */
    private function put(Expression $candidate): array
    {
        $letter = $this->equation->letter;
        if ($this->isExcluded($candidate)) {
            foreach ($this->common->factors as [$factor]) {
                $put = Substitution::into($factor->toExpression(), $letter, $candidate);
                if (Polynomial::vanishes($put)) {
                    return $put->isNumber() ? [] : [Line::side($put, Numeral::of(0))];
                }
            }
        }

        return PutIn::lines($this->equation->equation, $letter, $candidate);
    }

    private function end(): Equation
    {
        if ($this->end !== null) {
            return $this->end;
        }
        $last = $this->rejected[\count($this->rejected) - 1] ?? null;
        $own = $this->rest?->answer->node();

        return $last === null && $own instanceof Equation ? $own : new Equation(
            Substitution::into($this->equation->equation->left, $this->equation->letter, $last ?? Numeral::of(0)),
            Substitution::into($this->equation->equation->right, $this->equation->letter, $last ?? Numeral::of(0)),
        );
    }

    /** @return non-empty-list<Check> */
    private function checks(): array
    {
        $letter = $this->equation->letter;
        $checks = [];
        foreach ($this->solutions as $candidate) {
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('isolate.check.holds', ['place' => new Equation(new Letter($letter), $candidate)]),
                why: Message::of('isolate.check.holds-why'),
                lines: $this->put($candidate),
                holds: true,
                isWritten: true,
            );
        }
        if ($this->identity !== null) {
            $sample = Numeral::of($this->sample());
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('isolate.check.holds', ['place' => new Equation(new Letter($letter), $sample)]),
                why: Message::of('clear.check.all-why'),
                lines: PutIn::lines($this->equation->equation, $letter, $sample),
                holds: true,
            );
        }
        if ($checks === []) {
            $sample = Numeral::of($this->sample());
            $checks[] = new Check(
                kind: CheckKind::Substitution,
                title: Message::of('isolate.check.none', ['number' => $sample]),
                why: Message::of('clear.check.none-why'),
                lines: PutIn::lines($this->equation->equation, $letter, $sample),
                holds: true,
            );
        }

        return $checks;
    }

    /** A small number that is not excluded. */
    private function sample(): int
    {
        foreach ([1, 2, 3, 5, 7, 11, 13] as $number) {
            if (!$this->isExcluded(Numeral::of($number))) {
                return $number;
            }
        }

        return 17;
    }
}
