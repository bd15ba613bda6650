<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NothingLeftAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Answer\TestedSolutionsAnswer;
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
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\RaiseBothSides;
use Runel\Law\Move\RootBothSides;
use Runel\Message\Message;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Working\Known;
use Runel\Working\LastLine;

/**
 * A power equal to a power with the same exponent, (x + 1)³ = (2x − 3)³ or (x + 1)⁴ = (x − 3)⁴, and a square
 * equal to a square where the letter has the same number in both: what is raised is equal or, of an even exponent,
 * opposite.
 */
final readonly class EqualPowers
{
    private const HIGHEST = 12;

    private function __construct(
        private Task $task,
        private string $letter,
        private int $index,
        private Expression $left,
        private Expression $right,
        private bool $isRooted = false,
    ) {}

    /** Null of anything else. */
    public static function of(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $node = $task->problem->node;
            $letter = $task->problem->letter();
            $rooted = $node instanceof Equation && $letter !== null ? self::roots($node) : null;
            if ($rooted !== null && $letter !== null) {
                return new self($task, $letter, $rooted[0], $rooted[1], $rooted[2], true);
            }
            $left = $node instanceof Equation ? self::power($node->left) : null;
            $right = $node instanceof Equation ? self::power($node->right) : null;
            if ($letter === null || $left === null || $right === null || $left[1] !== $right[1]
                // Where both squares leave a quadratic, they are rooted as its other roads are walked.
                || ($left[1] === 2 && Known::quadratic($task) !== null)) {
                return null;
            }
            $difference = Polynomial::fromExpression($left[0])->minus(Polynomial::fromExpression($right[0]));

            return $difference->isZero() ? null : new self($task, $letter, $left[1], $left[0], $right[0]);
        });
    }

    public function isSquare(): bool
    {
        return $this->index === 2;
    }

    /** @return array{int, Expression, Expression}|null the odd index of both roots, and what stands under each */
    private static function roots(Equation $equation): ?array
    {
        [$left, $right] = [$equation->left, $equation->right];
        if (!$left instanceof Root || !$right instanceof Root || $left->index !== $right->index
            || $left->index % 2 === 0) {
            return null;
        }
        [$one, $other] = [Polynomial::tryFrom($left->radicand), Polynomial::tryFrom($right->radicand)];
        $difference = $one === null || $other === null ? null : $one->minus($other);

        return $difference !== null && !$difference->isZero() && max($one->degree(), $other->degree()) === 1
            ? [$left->index, $left->radicand, $right->radicand]
            : null;
    }

    public function demonstration(Method $method): Demonstration
    {
        [$sections, $answer] = $this->solved();

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: array_filter(
                    $answer->solutions() ?? [],
                    static fn(Expression $solution): bool => $solution->number()?->isInteger() === false,
                ) !== [],
                advice: Message::of($this->isRooted ? 'powers.equal.advice-roots' : 'powers.equal.advice'),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => $this->checks($answer),
        );
    }

    /** @return array{non-empty-list<Section>, Answer} */
    private function solved(): array
    {
        $isEven = $this->index % 2 === 0;
        $raised = new Equation($this->left, $this->right);
        $equations = [
            new Equation($this->left, $this->right),
            ...($isEven ? [new Equation($this->left, new Negative($this->right))] : []),
        ];
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of($this->isRooted ? 'powers.equal.read-roots' : 'powers.equal.read'),
                lines: [Line::given($this->task->problem->node)],
            )]),
            new Section(Phase::Solving, [$this->isRooted ? new Step(
                id: 'both-raised',
                title: Message::of('powers.raised.title', ['index' => $this->index]),
                why: Message::of('powers.equal.why-roots', ['index' => $this->index]),
                lines: [Line::equivalent($raised, new RaiseBothSides($this->index))],
            ) : new Step(
                id: 'both-roots',
                title: Message::of('powers.equal.title' . ($isEven ? '-even' : '')),
                why: Message::of('powers.equal.why' . ($isEven ? '-even' : ''), ['index' => $this->index]),
                lines: [Line::equivalent(
                    $isEven ? new Alternatives($equations) : $equations[0],
                    new RootBothSides($this->index),
                )],
                watch: $isEven ? Slip::PlusMinusForgotten : null,
            )]),
        ];
        $ways = WaysApart::of($equations, $this->task);
        array_push($sections, ...$ways->sections);
        if (!$isEven && $ways->last !== null) {
            $ended = LastLine::ended($sections);

            return [$ended !== [] ? $ended : $sections, match (true) {
                !$this->isRooted => $ways->last,
                $ways->values === [] => new NothingLeftAnswer($this->letter, self::equation($ways->last), []),
                default => new TestedSolutionsAnswer($this->letter, $ways->values, []),
            }];
        }
        $answer = new SolutionsAnswer(
            $this->letter,
            $ways->values !== [] ? $ways->values : throw new \LogicException('Not both are parallel.'),
        );
        $sections[] = new Section(Phase::Finishing, [$this->gathered($answer)]);

        return [$sections, $answer];
    }

    private function gathered(SolutionsAnswer $answer): Step
    {
        $isOne = \count($answer->solutions()) === 1;

        return new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of($isOne ? 'solve.solutions.title-one' : 'solve.solutions.title'),
            why: Message::of($isOne ? 'powers.equal.why-one' : 'solve.solutions.why'),
            lines: [Line::result($answer->node(), new JoinBranches())],
            question: $this->task->problem->node instanceof Equation ? Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->task->problem->node,
                $this->letter,
                $answer->solutions(),
            ) : null,
        );
    }

    private static function equation(Answer $answer): Equation
    {
        $node = $answer->node();

        return $node instanceof Equation ? $node : throw new \LogicException('What nothing solves is an equation.');
    }

    /** @return non-empty-list<Check> */
    private function checks(Answer $answer): array
    {
        $equation = $this->task->problem->node;
        $raised = new Equation($this->left, $this->right);
        $put = fn(Expression $value): array => match (true) {
            !$equation instanceof Equation => [],
            // What stands under both roots tells.
            $this->isRooted => PutIn::lines($raised, $this->letter, $value),
            default => PutIn::lines($equation, $this->letter, $value),
        };
        $checks = array_map(fn(Expression $solution): Check => new Check(
            kind: CheckKind::Substitution,
            title: Message::of('quadratic.check.put', ['solution' => $solution]),
            why: Message::of($this->isRooted ? 'powers.equal.check-roots' : 'check.solution.why'),
            lines: $put($solution),
            holds: true,
        ), $answer->solutions() ?? []);

        return $checks !== [] ? $checks : [new Check(
            kind: CheckKind::Substitution,
            title: Message::of('isolate.check.none', ['number' => Numeral::of(2)]),
            why: Message::of('powers.equal.check-none'),
            lines: $put(Numeral::of(2)),
            holds: true,
        )];
    }

    /** @return array{Expression, int}|null what is raised, with the root of a number in front, and the exponent */
    private static function power(Expression $side): ?array
    {
        $factors = $side->factors();
        $last = $factors[\count($factors) - 1];
        $index = $last->wholeExponent() ?? 0;
        $base = $index < 2 ? null : Polynomial::tryFrom($last->base());
        $front = \count($factors) === 1 ? Rational::one() : $factors[0]->number();
        if ($index > self::HIGHEST || $base?->degree() !== 1
            || \count($factors) > 2 || $front === null || $front->isNegative() || $front->isZero()) {
            return null;
        }
        $root = $front->exactRoot($index);

        return match (true) {
            $root === null => null,
            $root->isOne() => [$last->base(), $index],
            default => [Product::of([Numeral::of($root), $last->base()]), $index],
        };
    }
}
