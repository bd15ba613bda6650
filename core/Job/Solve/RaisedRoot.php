<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\NthRoot;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NothingLeftAnswer;
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
use Runel\Expression\FractionalPower;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Substitution;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Message\Message;
use Runel\Method\Method;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\LastLine;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\RaisedSides;

/**
 * A root of any index, or a power of one, that equals a number: ∛(2x − 1) = 3, x^(2/3) = 9. The power is undone by its
 * root, the root by its power. A square root by itself is isolated and squared elsewhere, unless typed as a power.
 */
final readonly class RaisedRoot
{
    /** Longer numbers than this are not written. */
    private const MOST_DIGITS = 12;

    /**
     * @param Equation       $rooted   the equation with roots for fractional exponents
     * @param Root           $root     what is raised, over a linear radicand
     * @param list<Rational> $values   what the root equals, each by itself
     * @param bool           $isTurned whether a power under a root was taken out of it
     * @param RootBelow|null $below    how it comes above the line it stands below; null where it stands below none
     */
    private function __construct(
        private Task $task,
        private Equation $given,
        private Equation $rooted,
        private PowerEquation $equation,
        private Root $root,
        private array $values,
        private bool $isTurned,
        private ?RootBelow $below,
    ) {}

    /** Null where the task is no such equation, or its numbers do not come out. */
    public static function of(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $node = $task->problem->node;
            $letter = $task->problem->letter();
            if (!$node instanceof Equation || $letter === null || $task->problem->polynomial !== null) {
                return null;
            }
            [$rooted, $isTurned] = self::rooted($node);
            $below = RootBelow::of($rooted, $letter);
            $equation = PowerEquation::ofRoot($below->cleared ?? $rooted, $letter);
            $root = $equation?->base;
            $isPlain = $below === null && $rooted === $node && $equation?->index === 1;
            if ($equation === null || !$root instanceof Root || ($isPlain && $root->index === 2)) {
                return null;
            }
            $values = self::values($equation->value->dividedBy($equation->front), $equation->index);
            $isShort = array_filter($values ?? [], static fn(Rational $value): bool => $root->index
                * \strlen((string) $value->absolute())
                    > self::MOST_DIGITS) === [];

            return $values === null || !$isShort
                ? null
                : new self($task, $node, $rooted, $equation, $root, $values, $isTurned, $below);
        });
    }

    /** @return array{Equation, bool} each power in it as a power of a root, and whether one came out of a root */
    private static function rooted(Equation $equation): array
    {
        $isTurned = false;
        $rooted = Rewriter::everywhere($equation, static function (Node $node) use (&$isTurned): ?Node {
            $fraction = $node instanceof Power ? FractionalPower::rooted($node) : null;
            $inside = $node instanceof Root && $node->radicand instanceof Power ? $node->radicand : null;
            $times = $inside?->wholeExponent() ?? 0;
            if ($fraction !== null || !$node instanceof Root || $inside === null || $times < 2
                || Integers::gcd($times, $node->index) > 1) {
                return $fraction;
            }
            $isTurned = true;

            return new Power(new Root($inside->base, $node->index), Numeral::of($times));
        });

        return [$rooted, $isTurned];
    }

    /** @return list<Rational>|null what a number is the power of; null where that is no fraction */
    private static function values(Rational $value, int $index): ?array
    {
        if ($index === 1 || $value->isZero()) {
            return [$value];
        }
        $root = NthRoot::of($value->absolute(), $index);
        $isReal = $index % 2 === 1 || !$value->isNegative();
        $size = $isReal && $root?->isRational() === true ? $root->coefficient : null;

        return match (true) {
            !$isReal => [],
            $size === null => null,
            $index % 2 === 0 => [$size, $size->negated()],
            default => [$value->isNegative() ? $size->negated() : $size],
        };
    }

    public function demonstration(Method $method): Demonstration
    {
        $value = $this->equation->value->dividedBy($this->equation->front);
        $power = new Equation($this->equation->index === 1
            ? $this->root
            : new Power($this->root, Numeral::of($this->equation->index)), Numeral::of($value));
        [$solving, $answer] = $this->solved($power);
        $sections = [new Section(Phase::Reading, [
            new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: match (true) {
                    $this->rooted !== $this->given && !$this->isTurned => Message::of('powers.raised.read-fraction'),
                    $this->below !== null => Message::of('powers.raised.read-below'),
                    $this->equation->index > 1 => Message::of('powers.raised.read-power'),
                    default => Message::of('powers.raised.read', ['index' => $this->root->index]),
                },
                lines: [Line::given($this->given)],
            ),
            ...$this->asRoots(),
            ...$this->below?->steps($this->task->style->get(Moving::class)) ?? [],
            ...PowerAlone::steps($this->equation, $power, $this->task->style->get(Moving::class)),
        ]), ...($solving === [] ? [] : [new Section(Phase::Solving, $solving)])];
        if ($answer instanceof NothingLeftAnswer) {
            $ended = LastLine::ended($sections);
            $sections = $ended !== [] ? $ended : $sections;
        }
        [$sections, $answer] = Decimals::of($this->task, $sections, $answer, $this->equation->letter);

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: array_filter($this->values, static fn(Rational $one): bool => !$one->isInteger()) !== [],
                advice: Message::of('powers.raised.advice'),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => $this->checks($answer),
        );
    }

    /** @return list<Step> fractional exponents, and powers under a root, as powers of roots */
    private function asRoots(): array
    {
        return $this->rooted === $this->given ? [] : [new Step(
            id: 'as-root',
            title: Message::of($this->isTurned ? 'powers.raised.out.title' : 'simplify.radicals.roots.title'),
            why: Message::of($this->isTurned ? 'powers.raised.out.why' : 'powers.raised.as-root'),
            lines: [Line::equivalent($this->rooted, new Rewrite())],
        )];
    }

    /** @return array{list<Step>, Answer} */
    private function solved(Equation $power): array
    {
        $steps = [];
        if ($this->equation->index > 1) {
            $steps[] = $this->powerUndone();
        }
        $isFork = \count($this->values) > 1;
        $solutions = [];
        $dead = 0;
        foreach ($this->values as $place => $value) {
            $branch = $isFork ? Branch::way($place + 1) : null;
            $alone = new Equation($this->root, Numeral::of($value));
            if ($value->isNegative() && $this->root->index % 2 === 0) {
                $steps[] = $this->nothing($alone, $place + 1, $branch);
                ++$dead;
                continue;
            }
            $steps[] = $this->raised($alone, $value, $place + 1, $branch);
            [$step, $solutions[]] = LetterAlone::of(
                $this->equation->letter,
                $this->root->radicand,
                Numeral::of($value->power($this->root->index)),
                $this->task->style->get(Moving::class),
                'solve-' . ($place + 1),
                $branch,
            );
            array_push($steps, ...($step === null ? [] : [$step]));
        }
        if ($solutions === []) {
            $last = \count($this->values) === 1
                ? new Equation($this->root, Numeral::of($this->values[0]))
                : $power;

            return [$steps, new NothingLeftAnswer($this->equation->letter, $last, [])];
        }
        $answer = new TestedSolutionsAnswer($this->equation->letter, $solutions, []);
        if (!$isFork) {
            $steps = LastLine::ended([new Section(Phase::Solving, $steps)])[0]->steps;
        }
        $steps[] = new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of(\count($solutions) > 1 ? 'solve.solutions.title' : 'solve.solutions.title-one'),
            why: Message::of(match (true) {
                \count($solutions) > 1 => 'solve.solutions.why',
                $dead > 0 => 'powers.raised.why-one-way',
                default => 'powers.raised.why-one',
            }),
            lines: $isFork ? [Line::result($answer->node(), new JoinBranches())] : [],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->given,
                $this->equation->letter,
                $solutions,
            ),
        );

        return [$steps, $answer];
    }

    private function powerUndone(): Step
    {
        $index = $this->equation->index;
        $equations = array_map(
            fn(Rational $value): Equation => new Equation($this->root, Numeral::of($value)),
            $this->values,
        );
        $isZero = \count($equations) === 1 && $this->values[0]->isZero();

        return $equations === [] ? new Step(
            id: 'none',
            title: Message::of('powers.none.title'),
            why: Message::of('powers.none.why', ['index' => $index]),
            lines: [Line::equivalent(new Equation(
                new Power($this->root, Numeral::of($index)),
                Numeral::of($this->equation->value->dividedBy($this->equation->front)),
            ), new Rewrite())],
        ) : new Step(
            id: 'roots',
            title: Message::of(match (true) {
                $isZero => 'powers.root.title-zero',
                $index === 2 => 'powers.raised.square-title',
                $index % 2 === 0 => 'powers.root.title-both',
                default => 'powers.root.title',
            }, ['index' => $index]),
            why: Message::of(match (true) {
                $isZero => 'powers.root.why-zero',
                $index % 2 === 0 => 'powers.root.why-both',
                $this->values[0]->isNegative() => 'powers.root.why-minus',
                default => 'powers.root.why',
            }, ['index' => $index]),
            lines: [Line::equivalent(
                \count($equations) === 1 ? $equations[0] : new Alternatives($equations),
                new RootBothSides($index),
            )],
            watch: \count($equations) > 1 ? Slip::PlusMinusForgotten : null,
        );
    }

    /** A root of an even index is never negative. */
    private function nothing(Equation $alone, int $number, ?Branch $branch): Step
    {
        $line = Line::equivalent($alone, new Rewrite(), $branch);

        return new Step(
            id: "none-$number",
            title: Message::of('solve.linear.title', ['factor' => $alone]),
            why: Message::of('powers.raised.none', ['value' => $alone->right]),
            lines: [$branch === null ? $line : $line->reject(Message::of('substitution.dead'))],
        );
    }

    private function raised(Equation $alone, Rational $value, int $number, ?Branch $branch): Step
    {
        $index = $this->root->index;
        $power = new Power($alone->right, Numeral::of($index));
        $worked = new Equation($this->root->radicand, Numeral::of($value->power($index)));

        return new Step(
            id: "raise-$number",
            title: Message::of(
                $index === 2 ? 'powers.raised.title-square' : 'powers.raised.title',
                ['index' => $index],
            ),
            why: Message::of($index % 2 === 1 ? 'powers.raised.why' : 'powers.raised.why-even'),
            lines: [
                RaisedSides::line($alone->left, $alone->right, $index, $branch),
                Line::equivalent($worked, new Rewrite(), $branch),
            ],
            question: Question::expression(
                Message::of('powers.raised.ask', ['power' => $power]),
                new Identity($power, $worked->right),
                $worked->right,
            ),
        );
    }

    /** @return non-empty-list<Check> */
    private function checks(Answer $answer): array
    {
        [$side, $other] = Inside::some($this->given->left, static fn(Node $part): bool => $part instanceof Letter)
            ? [$this->given->left, $this->given->right]
            : [$this->given->right, $this->given->left];
        $checks = array_map(fn(Expression $solution): Check => $this->check(
            $side,
            $solution,
            Message::of('quadratic.check.put', ['solution' => $solution]),
            Message::of('check.solution.why'),
            $other,
        ), $answer->solutions() ?? []);
        if ($checks !== []) {
            return $checks;
        }
        // Where the root is 1, it can be worked out.
        $inside = Polynomial::fromExpression($this->root->radicand);
        $letter = $this->equation->letter;
        $one = Numeral::of(Rational::one()->minus($inside->coefficient($letter, 0))->dividedBy(
            $inside->coefficient($letter, 1),
        ));
        $beside = $this->equation->beside?->number() ?? Rational::zero();

        return [$this->check(
            $side,
            $one,
            Message::of('isolate.check.none', ['number' => $one]),
            Message::of('powers.equal.check-none'),
            Numeral::of($this->equation->front->plus($beside)),
        )];
    }

    /** @param Expression $worth what the side with the letter comes to there */
    private function check(Expression $side, Expression $value, Message $title, Message $why, Expression $worth): Check
    {
        $lines = PutIn::lines($this->given, $this->equation->letter, $value);
        $put = Substitution::into($side, $this->equation->letter, $value);

        return new Check(
            kind: CheckKind::Substitution,
            title: $title,
            why: $why,
            lines: $lines === [] ? [Line::side($put, $worth)] : $lines,
            holds: true,
        );
    }
}
