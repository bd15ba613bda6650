<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Option;
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
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Message\Message;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\LinearSteps;
use Runel\Working\Quadratic\QuadraticDemonstration;

/**
 * A square equal to a square, as (x − 1)² = (2x + 3)²: what is squared is equal or opposite, or the difference of
 * two squares is 0. Nothing is multiplied out.
 */
final readonly class EqualSquares
{
    /** What is done with the two squares: two equations, or the difference of two squares. */
    public const CHOICE = 'squares';
    public const VALUES = ['equations', 'difference'];

    private function __construct(
        private Task $task,
        private Quadratic $quadratic,
        private Expression $left,
        private Expression $right,
    ) {}

    /** Null where the two sides are not squares of something with the letter. */
    public static function of(Task $task, ?Quadratic $quadratic): ?self
    {
        if ($quadratic === null) {
            return null;
        }
        [$left, $right] = array_map(
            static fn(Expression $side): ?Expression => self::base($side),
            [$quadratic->equation->left, $quadratic->equation->right],
        );

        return $left === null || $right === null ? null : new self($task, $quadratic, $left, $right);
    }

    public function demonstration(Method $method): Demonstration
    {
        $isDifference = $this->canSplit() && $this->task->choice(self::CHOICE) === 'difference';
        [$sections, $values] = $isDifference ? $this->split() : $this->rooted();
        $solutions = WaysApart::once($values);
        if ($solutions === []) {
            throw new \LogicException('Two lines of which not both are parallel meet.');
        }
        $letter = $this->quadratic->letter;
        $answer = new SolutionsAnswer($letter, $solutions);
        $node = $answer->node();
        $sections[] = new Section(Phase::Finishing, [new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of(\count($solutions) === 1 ? 'solve.solutions.title-one' : 'solve.solutions.title'),
            why: Message::of(\count($solutions) === 1 ? 'quadratic.squares.why-one' : 'solve.solutions.why'),
            lines: [Line::result($node, new JoinBranches())],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->quadratic->equation,
                $letter,
                $solutions,
            ),
        )]);

        return QuadraticDemonstration::of(
            $this->task,
            $this->quadratic,
            $method,
            [$this->reading($isDifference), ...$sections],
            $answer,
            false,
            Message::of('quadratic.squares.advice'),
        );
    }

    /** What a side is the square of; a number in front that is a square itself comes with it. */
    private static function base(Expression $side): ?Expression
    {
        $factors = $side->factors();
        $last = $factors[\count($factors) - 1];
        $front = \array_slice($factors, 0, -1);
        $number = $front === [] ? Rational::one() : (\count($front) === 1 ? $front[0]->number()?->squareRoot() : null);
        $isSquare = $last->wholeExponent() === 2;
        $polynomial = $isSquare ? Polynomial::tryFrom($last->base()) : null;
        if ($number === null || !$isSquare || $polynomial?->degree() !== 1 || $number->isZero()) {
            return null;
        }

        return Product::withFront(Numeral::of($number), $last->base());
    }

    private function reading(bool $isDifference): Section
    {
        return new Section(Phase::Reading, [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of('quadratic.squares.read'),
            lines: [
                Line::given($this->task->problem->node),
                ...($this->quadratic->turned
                    ? [Line::equivalent($this->quadratic->equation, new SwapSides())]
                    : []),
            ],
            options: $this->canSplit() ? array_map(static fn(string $value): Option => new Option(
                self::CHOICE,
                $value,
                Message::of("quadratic.squares.option-$value"),
                ($value === 'difference') === $isDifference,
            ), self::VALUES) : [],
        )]);
    }

    /** Whether sum and difference of what is squared both have the letter. */
    private function canSplit(): bool
    {
        foreach ($this->factors() as $factor) {
            if ($factor->degree() !== 1) {
                return false;
            }
        }

        return true;
    }

    /** @return array{Polynomial, Polynomial} the difference and the sum of what is squared */
    private function factors(): array
    {
        [$left, $right] = [Polynomial::fromExpression($this->left), Polynomial::fromExpression($this->right)];

        return [$left->minus($right), $left->plus($right)];
    }

    /** @return array{non-empty-list<Section>, list<Expression>} */
    private function rooted(): array
    {
        $equations = [
            new Equation($this->left, $this->right),
            new Equation($this->left, new Negative($this->right)),
        ];
        $sections = [new Section(Phase::Solving, [new Step(
            id: 'both-roots',
            title: Message::of('quadratic.squares.root.title'),
            why: Message::of('quadratic.squares.root.why'),
            lines: [Line::equivalent(new Alternatives($equations), new RootBothSides())],
            watch: Slip::PlusMinusForgotten,
        )])];
        $ways = WaysApart::of($equations, $this->task);

        return [[...$sections, ...$ways->sections], $ways->values];
    }

    /** @return array{non-empty-list<Section>, list<Expression>} */
    private function split(): array
    {
        $factors = array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $this->factors(),
        );
        $collected = Product::of($factors);
        $linear = array_map(fn(Expression $factor): LinearSteps => new LinearSteps(
            $this->quadratic->letter,
            $factor,
            $this->task->style->get(Moving::class),
            $this->quadratic->like(),
        ), $factors);
        $steps = [
            new Step(
                id: 'zero-product',
                title: Message::of('solve.zero.title'),
                why: Message::of('solve.zero.why'),
                lines: [Line::equivalent(new Alternatives(array_map(
                    static fn(LinearSteps $one): Equation => $one->equation(),
                    $linear,
                )), new ZeroProduct())],
            ),
        ];
        foreach ($linear as $place => $one) {
            if (!$one->isSolved()) {
                $steps[] = $one->step('solve-' . ($place + 1), Branch::way($place + 1));
            }
        }

        return [[
            new Section(Phase::Writing, $this->written($collected)),
            new Section(Phase::Solving, $steps),
        ], array_map(
            static fn(LinearSteps $one): Expression => Numeral::of($one->root()),
            $linear,
        )];
    }

    /**
     * All on one side, and the difference of the squares split.
     *
     * @param Expression $collected what it is split into, each bracket collected
     *
     * @return list<Step>
     */
    private function written(Expression $collected): array
    {
        $zero = Numeral::of(0);
        $square = static fn(Expression $base): Expression => new Power($base, Numeral::of(2));
        $difference = Sum::of([$square($this->left), new Negative($square($this->right))]);
        $product = Product::of([
            Sum::of([$this->left, new Negative($this->right)]),
            Sum::of([$this->left, $this->right]),
        ]);

        return [
            new Step(
                id: 'to-zero',
                title: Message::of('quadratic.squares.zero.title'),
                why: Message::of('quadratic.squares.zero.why'),
                lines: [Line::equivalent(
                    new Equation($difference, $zero),
                    new ToBothSides(Operation::Subtract, $square($this->right)),
                )],
            ),
            new Step(
                id: 'difference',
                title: Message::of('quadratic.squares.split.title'),
                why: Message::of('quadratic.squares.split.why'),
                lines: [
                    Line::equivalent(new Equation($product, $zero), new Rewrite()),
                    Line::equivalent(new Equation($collected, $zero), new Rewrite()),
                ],
                question: Question::factoring(
                    Message::of('quadratic.squares.split.ask', ['difference' => $difference]),
                    [new Identity($difference, $collected)],
                ),
            ),
        ];
    }
}
