<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
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
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Factored;
use Runel\Method\FactorsQuadratics;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor as ProductFactor;
use Runel\Problem\Problem;
use Runel\Problem\ProductForm;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\Known;
use Runel\Working\LinearSteps;
use Runel\Working\Quadratic\Decimals;

/** Solving a quadratic equation by factoring: zero on one side, factors, each factor 0, each solution checked. */
final readonly class SolveByFactoring implements Method
{
    public const ID = 'factoring';
    /** The option that names the way to factor. */
    public const CHOICE = 'by';

    public function __construct(private WaysToFactor $factoring) {}

    public function id(): string
    {
        return self::ID;
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $equation = $task->problem->node;
        $polynomial = $task->problem->polynomial;
        if (!$equation instanceof Equation || $task->problem->letter() === null || $polynomial === null) {
            return new MethodDoesNotApply(Message::of('solve.refusal-not-quadratic'));
        }
        if (array_filter($polynomial->letters(), Monomial::isConstant(...)) !== []) {
            return new MethodDoesNotApply(Message::of('solve.refusal-roots'));
        }
        if (self::readyMade($task->problem) !== null) {
            return null;
        }
        if (\count($polynomial->terms) === 1 && $polynomial->degree() > 1) {
            return new MethodDoesNotApply(Message::of('solve.refusal-single'));
        }
        $degree = $polynomial->isZero() ? 0 : $polynomial->degree();
        $ways = $degree < 2 ? [] : $this->factoring->fitting($task);
        $refusal = $ways === [] && $degree >= 2 ? $this->factoring->hindrance($task) : null;

        return match (true) {
            $degree < 2 => new MethodDoesNotApply(Message::of('solve.refusal-not-quadratic')),
            $refusal !== null && !$refusal instanceof MethodDoesNotApply => $refusal,
            $ways === [] => new MethodDoesNotApply(Message::of(
                $degree === 2 ? 'solve.refusal-prime' : 'solve.refusal-degree',
                ['degree' => $degree],
            )),
            self::isPrime($task) => new MethodDoesNotApply(Message::of('solve.refusal-prime')),
            default => $this->choiceRefusal($task, $ways),
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = $task->problem->node;
        $letter = $task->problem->letter();
        if (!$equation instanceof Equation || $letter === null) {
            throw new \LogicException('A problem that is no equation in one letter was not refused.');
        }
        $ready = self::readyMade($task->problem);
        $way = $ready === null ? $this->way($task) : null;
        $factored = $way?->factoring($task);
        $like = $task->problem->polynomial?->like() ?? Rational::one();
        $factors = $ready ?? array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $factored->factors ?? [],
        );
        $linear = self::different(array_map(
            static fn(Expression $factor): LinearSteps => new LinearSteps(
                $letter,
                $factor,
                $task->style->get(Moving::class),
                $like,
            ),
            $factors,
        ));
        $before = $way !== null && $factored !== null
            ? $this->factored($factored, $task, $way)
            : self::given($equation);
        $sections = [...$before, $this->solving(
            $equation,
            $letter,
            $linear,
            \count($factors),
            $factored->front ?? self::hasFront($equation),
        )];
        $values = array_map(static fn(LinearSteps $factor): Rational => $factor->root(), $linear);
        $solved = new SolutionsAnswer($letter, array_map(Numeral::of(...), $values));
        [$sections, $answer] = Decimals::of($task, $sections, $solved, $letter);

        return new Demonstration(
            task: $task,
            job: SolveFamily::JOB,
            method: $this->id(),
            forecast: self::forecast($sections, $way, $factored, $values),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => [
                ...Substituted::checks($equation, $letter, $values),
                ...($factored === null ? [] : [($factored->check)()]),
            ],
        );
    }

    /**
     * @param list<Section>  $sections
     * @param list<Rational> $values
     */
    private static function forecast(
        array $sections,
        ?FactorsQuadratics $way,
        ?Factored $factored,
        array $values,
    ): Forecast {
        $fractions = array_filter($values, static fn(Rational $value): bool => !$value->isInteger()) !== [];

        return Forecast::of(
            sections: $sections,
            trials: $factored->forecast->trials ?? 0,
            products: $factored->forecast->products ?? 0,
            fractions: $fractions || ($factored->forecast->fractions ?? false),
            advice: match (true) {
                $way === null => Message::of('advice.factored-already'),
                $factored?->isCommonOnly => Message::of('advice.factoring-common'),
                default => Message::of('advice.factoring', [
                    'by' => Message::of("name.method.factor.{$way->id()}"),
                ]),
            },
        );
    }

    private static function isPrime(Task $task): bool
    {
        $gathered = Known::standardForm($task);

        return $gathered !== null && Trinomial::of($gathered->whole)?->isPrime() === true;
    }

    /** @param list<FactorsQuadratics> $ways */
    private function choiceRefusal(Task $task, array $ways): ?Refusal
    {
        $wanted = $task->choice(self::CHOICE);
        $ids = array_map(static fn(FactorsQuadratics $way): string => $way->id(), $ways);

        return $wanted === null || \in_array($wanted, $ids, true)
            ? null
            : new BadRequest(Message::of(
                'error.choice-value',
                ['key' => self::CHOICE, 'found' => mb_substr($wanted, 0, 40), 'values' => implode(', ', $ids)],
            ));
    }

    /** The way to factor: the tutor's choice, else the favourite, else the lightest. */
    private function way(Task $task): FactorsQuadratics
    {
        $ways = $this->factoring->fitting($task);
        foreach ([$task->choice(self::CHOICE), $task->choice(WaysToFactor::FAVOURITE)] as $wanted) {
            foreach ($ways as $way) {
                if ($way->id() === $wanted) {
                    return $way;
                }
            }
        }

        return $ways[0] ?? throw new \LogicException('Nothing factors what was not refused.');
    }

    /**
     * The factoring as part of the solving, the choice of a way at its first step.
     *
     * @return list<Section>
     */
    private function factored(Factored $factored, Task $task, FactorsQuadratics $taken): array
    {
        $ways = $this->factoring->fitting($task);
        if (\count($ways) < 2) {
            return $factored->sections;
        }
        $options = array_map(static fn(FactorsQuadratics $way): Option => new Option(
            self::CHOICE,
            $way->id(),
            Message::of("name.method.factor.{$way->id()}"),
            $way === $taken,
        ), $ways);
        $first = $factored->sections[0];

        return [
            new Section($first->phase, [$first->steps[0]->withOptions($options), ...\array_slice($first->steps, 1)]),
            ...\array_slice($factored->sections, 1),
        ];
    }

    /**
     * @param non-empty-list<LinearSteps> $factors the different ones that hold the letter
     * @param int                         $count   how many there are, repeated ones counted
     * @param bool                        $front   whether a number stands in front of them
     */
    private function solving(Equation $equation, string $letter, array $factors, int $count, bool $front): Section
    {
        $equations = array_map(static fn(LinearSteps $factor): Equation => $factor->equation(), $factors);
        $one = \count($equations) === 1;
        $repeated = $count > \count($factors);
        $solutions = array_map(static fn(LinearSteps $factor): Expression => Numeral::of($factor->root()), $factors);
        $roots = array_map(static fn(LinearSteps $factor): Rational => $factor->root(), $factors);
        $kind = match (true) {
            $one && $repeated => 'double',
            $repeated => 'repeated',
            $front => 'front',
            default => null,
        };
        $steps = [new Step(
            id: 'zero-product',
            title: Message::of($kind === 'double' ? 'solve.zero.title-double' : 'solve.zero.title'),
            why: Message::of($kind === null ? 'solve.zero.why' : "solve.zero.why-$kind"),
            lines: [Line::equivalent($one ? $equations[0] : new Alternatives($equations), new ZeroProduct())],
            watch: array_filter($roots, static fn(Rational $root): bool => $root->isZero()) !== [] && !$one
                ? Slip::RootLost
                : null,
        )];
        foreach ($factors as $number => $factor) {
            if (!$factor->isSolved()) {
                $steps[] = $factor->step('solve-' . ($number + 1), $one ? null : Branch::way($number + 1));
            }
        }
        $last = $steps[\count($steps) - 1];
        $end = $last->lines[\count($last->lines) - 1] ?? null;
        if ($one && $end !== null) {
            // With one branch the last line says the solution already.
            $steps[\count($steps) - 1] = $last->withLines([
                ...\array_slice($last->lines, 0, -1),
                Line::result($end->node, $end->move),
            ]);
        }
        $steps[] = self::gathered($equation, $letter, new SolutionsAnswer($letter, $solutions), $repeated);

        return new Section(Phase::Solving, $steps);
    }

    /** All that solves it, said together; of one solution, that it is all. */
    private static function gathered(
        Equation $equation,
        string $letter,
        SolutionsAnswer $answer,
        bool $isRepeated,
    ): Step {
        $count = \count($answer->solutions());

        return new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of(match (true) {
                $count > 1 => 'solve.solutions.title',
                $isRepeated => 'solve.solutions.title-double',
                default => 'solve.solutions.title-one',
            }),
            why: Message::of(match (true) {
                $count === 1 => 'solve.solutions.why-double',
                $count > 2 => 'solve.solutions.why-all',
                default => 'solve.solutions.why',
            }),
            lines: $count === 1 ? [] : [Line::result($answer->node(), new JoinBranches())],
            question: $count === 1 ? null : Question::solutions(
                Message::of('solve.solutions.ask'),
                $equation,
                $letter,
                $answer->solutions(),
            ),
        );
    }

    /**
     * A problem that stands as a product equal to 0 already: nothing is to be factored.
     *
     * @return non-empty-list<Section>
     */
    public static function given(Equation $equation): array
    {
        $steps = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('solve.given.title'),
            why: Message::of('solve.given.why'),
            lines: [Line::given($equation)],
        )];
        if ($equation->left->isZero()) {
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('solve.given.why-swap'),
                lines: [Line::equivalent(new Equation($equation->right, $equation->left), new SwapSides())],
            );
        }

        return [new Section(Phase::Reading, $steps)];
    }

    /** Whether a product that stands in an equation has a number in front. */
    private static function hasFront(Equation $equation): bool
    {
        $side = $equation->right->isZero() ? $equation->left : $equation->right;
        $first = $side->factors()[0];

        return $side instanceof Negative || $first instanceof Numeral || $first instanceof Quotient
            || ($first instanceof Product && $first->factors[0] instanceof Numeral);
    }

    /**
     * The linear factors, as they were typed, of a product that equals 0; each as often as it occurs.
     *
     * @return non-empty-list<Expression>|null null where one of them is not linear, or there is nothing but one
     */
    private static function readyMade(Problem $problem): ?array
    {
        $node = $problem->node;
        $letter = $problem->letter();
        if (!$node instanceof Equation || $letter === null) {
            return null;
        }
        $side = $node->right->isZero() ? $node->left : ($node->left->isZero() ? $node->right : null);
        if ($side === null || $side instanceof Sum) {
            return null;
        }
        try {
            $product = ProductForm::of($side);
            $parts = $product === null
                ? [[$side, Polynomial::fromExpression($side)]]
                : array_map(
                    static fn(ProductFactor $part): array => [$part->written, $part->polynomial],
                    $product->factors,
                );
        } catch (Refusal | NotPolynomial | DivisionByZero) {
            return null;
        }
        $factors = [];
        foreach ($parts as [$written, $polynomial]) {
            if (array_filter($polynomial->letters(), Monomial::isConstant(...)) !== []) {
                return null;
            }
            if ($polynomial->isZero() || (\count($polynomial->terms) > 1 && $polynomial->degree() > 1)) {
                return null;
            }
            $count = $polynomial->degree();
            if ($count > 0) {
                $linear = \count($polynomial->terms) > 1 ? $written : new Letter($letter);
                array_push($factors, ...array_fill(0, $count, $linear));
            }
        }

        return \count($factors) > 1 || ($product !== null && $factors !== []) ? $factors : null;
    }

    /**
     * @param array<LinearSteps> $factors
     *
     * @return non-empty-list<LinearSteps> one of several with the same solution
     */
    private static function different(array $factors): array
    {
        $different = [];
        foreach ($factors as $factor) {
            $different[(string) $factor->root()] ??= $factor;
        }

        return $different === []
            ? throw new \LogicException('Nothing factors what was not refused.')
            : array_values($different);
    }
}
