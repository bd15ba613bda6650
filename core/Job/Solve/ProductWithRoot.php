<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

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
use Runel\Expression\Letters;
use Runel\Expression\Numeral;
use Runel\Expression\Root;
use Runel\Expression\Substitution;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SquareBothSides;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\LinearSteps;

/** A product that is 0, of linear factors and one square root of something linear: (x − 5)√(x − 2) = 0. */
final readonly class ProductWithRoot
{
    /** More factors than this are not set equal to 0. */
    private const MOST = 4;

    /**
     * @param Equation                   $equation 0 on the right
     * @param non-empty-list<Expression> $factors  those with the letter, linear but for the root
     */
    private function __construct(
        private Task $task,
        private Equation $given,
        private Equation $equation,
        private string $letter,
        private array $factors,
        private Root $root,
    ) {}

    /** Null of anything else. */
    public static function of(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $given = $task->problem->node;
            $letter = $task->problem->letter();
            if (!$given instanceof Equation || $letter === null || $task->problem->polynomial !== null) {
                return null;
            }
            $equation = $given->left->isZero() ? new Equation($given->right, $given->left) : $given;
            $factors = array_values(array_filter(
                $equation->left->bare()->factors(),
                static fn(Expression $factor): bool => Letters::of($factor) !== [],
            ));
            $roots = array_values(array_filter($factors, static fn(Expression $one): bool => $one instanceof Root));
            $isFit = $equation->right->isZero() && \count($roots) === 1 && $roots[0]->index === 2
                && \count($factors) > 1 && \count($factors) <= self::MOST
                && array_filter($factors, static fn(Expression $factor): bool => Polynomial::tryFrom(
                    $factor instanceof Root ? $factor->radicand : $factor,
                )?->degree() !== 1) === [];

            return $isFit ? new self($task, $given, $equation, $letter, $factors, $roots[0]) : null;
        });
    }

    public function demonstration(): Demonstration
    {
        $moving = $this->task->style->get(Moving::class);
        $steps = [new Step(
            id: 'zero-product',
            title: Message::of('solve.zero.title'),
            why: Message::of('solve.root-factor.why'),
            lines: [Line::implies(new Alternatives(array_map(
                static fn(Expression $factor): Equation => new Equation($factor, Numeral::of(0)),
                $this->factors,
            )), new ZeroProduct())],
            watch: Slip::RootLost,
        )];
        $values = [];
        foreach ($this->factors as $place => $factor) {
            $branch = Branch::way($place + 1);
            $inside = $factor instanceof Root ? $factor->radicand : $factor;
            if ($factor instanceof Root) {
                $steps[] = new Step(
                    id: 'root-' . ($place + 1),
                    title: Message::of('solve.root-factor.title'),
                    why: Message::of('solve.root-factor.root'),
                    lines: [Line::implies(new Equation($inside, Numeral::of(0)), new SquareBothSides(), $branch)],
                );
            }
            $linear = new LinearSteps($this->letter, $inside, $moving, Rational::one());
            $values[] = Numeral::of($linear->root());
            if (!$linear->isSolved()) {
                $steps[] = $linear->step('solve-' . ($place + 1), $branch);
            }
        }

        return $this->tested($steps, $values);
    }

    /**
     * Each value put under the root: where that is negative, the product has no value at all.
     *
     * @param non-empty-list<Step> $steps
     * @param list<Expression>     $values one a factor
     */
    private function tested(array $steps, array $values): Demonstration
    {
        $rejected = array_filter($values, $this->isRejected(...));
        $solutions = WaysApart::once(array_values(array_diff_key($values, $rejected)));
        if ($solutions === []) {
            throw new \LogicException('Where the root is 0, the product is.');
        }
        foreach ($rejected as $place => $value) {
            $steps[] = $this->rejection($place + 1, $value);
        }
        $answer = new TestedSolutionsAnswer($this->letter, $solutions, array_values($rejected));
        $steps[] = new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of(\count($solutions) > 1 ? 'solve.solutions.title' : 'solve.solutions.title-one'),
            why: Message::of($rejected === [] ? 'solve.root-factor.all' : 'solve.root-factor.left'),
            lines: [Line::result($answer->node(), new JoinBranches())],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->given,
                $this->letter,
                $solutions,
            ),
        );
        $sections = [
            $this->reading(),
            new Section(Phase::Solving, $steps),
        ];

        return new Demonstration(
            task: $this->task,
            job: SolveFamily::JOB,
            method: SolveByFactoring::ID,
            forecast: Forecast::of(sections: $sections, advice: Message::of('solve.root-factor.advice')),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => array_map(fn(Expression $solution): Check => new Check(
                kind: CheckKind::Substitution,
                title: Message::of('quadratic.check.put', ['solution' => $solution]),
                why: Message::of('check.solution.why'),
                lines: PutIn::lines($this->given, $this->letter, $solution),
                holds: true,
            ), $solutions),
        );
    }

    private function under(Expression $value): Expression
    {
        return Substitution::into($this->root->radicand, $this->letter, $value);
    }

    private function isRejected(Expression $value): bool
    {
        return Polynomial::number($this->under($value))?->isNegative() === true;
    }

    private function rejection(int $number, Expression $value): Step
    {
        $letter = new Letter($this->letter);

        return new Step(
            id: "reject-$number",
            title: Message::of('solve.root-factor.reject', ['value' => $value]),
            why: Message::of('solve.root-factor.reject-why', ['letter' => $letter]),
            lines: [
                ...PutIn::workedOut($this->under($value)),
                Line::equivalent(new Equation($letter, $value), new Rewrite(), Branch::way($number))
                    ->reject(Message::of('substitution.dead')),
            ],
        );
    }

    private function reading(): Section
    {
        return new Section(Phase::Reading, [
            new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('solve.root-factor.read'),
                lines: [Line::given($this->given)],
            ),
            ...($this->equation === $this->given ? [] : [new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('solve.given.why-swap'),
                lines: [Line::equivalent($this->equation, new SwapSides())],
            )]),
        ]);
    }
}
