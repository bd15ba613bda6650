<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
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
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\ToBothSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Factored;
use Runel\Method\Method;
use Runel\Method\WaysToFactor;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Style\Moving;
use Runel\Working\Known;
use Runel\Working\LastLine;
use Runel\Working\Quadratic\LetteredDemonstration;
use Runel\Working\Quadratic\LetteredReading;

/** A quadratic with letters for numbers that stands as a product, or factors: x² − (a + b)x + ab = 0. */
final readonly class LetteredFactoring implements Method
{
    public function __construct(private WaysToFactor $factoring) {}

    public function id(): string
    {
        return SolveByFactoring::ID;
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $quadratic = Known::lettered($task);
        $factors = $quadratic === null ? null : $this->factors($task, $quadratic);

        return $factors === null ? new MethodDoesNotApply(Message::of('solve.refusal-prime')) : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $quadratic = Known::lettered($task);
        $factors = $quadratic === null ? null : $this->factors($task, $quadratic);
        $equation = $task->problem->node;
        if ($quadratic === null || $factors === null || !$equation instanceof Equation) {
            throw new \LogicException('It was not refused.');
        }
        $isReady = self::standing($equation, $quadratic) !== null;
        $factored = $isReady ? null : $this->factored($task, $quadratic);
        [, $factors] = self::parted($factors, $quadratic);
        if ($factors === []) {
            throw new \LogicException('It was not refused.');
        }
        $sections = $factored->sections ?? SolveByFactoring::given($equation);
        $front = self::front($sections, $factors);
        if ($front instanceof Negative && !$front->isNumber()) {
            // −a · x(a − x) is a · x(x − a).
            $front = $front->operand;
            $factors[\count($factors) - 1] = $factors[\count($factors) - 1]->negated();
        }
        $factors = array_map(static fn(Polynomial $factor): Polynomial => $factor->unknownFirst(), $factors);
        $isNumber = $front->isNumber();
        $divided = $isNumber ? [] : [self::divided($front, $factors, $quadratic->letter)];
        [$solving, $results] = self::solving($factors, $quadratic, $task, $isNumber && !$front->isOne());

        return LetteredDemonstration::of(
            $task,
            $quadratic,
            $this,
            [...$sections, ...$divided, $solving],
            $results,
            false,
            match (true) {
                $factored === null => Message::of('advice.factored-already'),
                $factored->isCommonOnly => Message::of('advice.factoring-common'),
                default => $factored->forecast->advice,
            },
        );
    }

    /** @return non-empty-list<Polynomial>|null the factors, each without the letter or linear in it */
    private function factors(Task $task, LetteredQuadratic $quadratic): ?array
    {
        $equation = $task->problem->node;

        return $equation instanceof Equation
            ? self::standing($equation, $quadratic) ?? $this->factored($task, $quadratic)?->factors
            : null;
    }

    /** The first way that leads to such factors. */
    private function factored(Task $task, LetteredQuadratic $quadratic): ?Factored
    {
        return $task->once(self::class, function () use ($task, $quadratic): ?Factored {
            foreach ([...$this->factoring->fitting($task), ...$this->factoring->byStructure($task)] as $way) {
                $factored = $way->factoring($task);
                if (self::areLinear($factored->factors, $quadratic)) {
                    return $factored;
                }
            }

            return null;
        });
    }

    /** @return non-empty-list<Polynomial>|null the factors of a product that equals 0 as it stands */
    private static function standing(Equation $equation, LetteredQuadratic $quadratic): ?array
    {
        $side = $equation->right->isZero() ? $equation->left : ($equation->left->isZero() ? $equation->right : null);
        if ($side === null || $side instanceof Sum) {
            return null;
        }
        try {
            $factors = [];
            foreach ($side->factors() as $factor) {
                $isSquare = $factor->wholeExponent() === 2 && $factor->base() instanceof Sum;
                $base = Polynomial::fromExpression($isSquare ? $factor->base() : $factor);
                array_push($factors, $base, ...($isSquare ? [$base] : []));
            }
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }

        return $factors !== [] && self::areLinear($factors, $quadratic) ? $factors : null;
    }

    /** @param list<Polynomial> $factors */
    private static function areLinear(array $factors, LetteredQuadratic $quadratic): bool
    {
        [, $linear] = self::parted($factors, $quadratic);

        return $linear !== [] && array_filter($linear, static fn(Polynomial $factor): bool
            => \count($quadratic->coefficient($factor, 1)->terms) !== 1
                || !$quadratic->coefficient($factor, 2)->isZero()) === [];
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return array{list<Polynomial>, list<Polynomial>} those without the letter, and those that hold it
     */
    private static function parted(array $factors, LetteredQuadratic $quadratic): array
    {
        $parts = [[], []];
        foreach ($factors as $factor) {
            $parts[\in_array($quadratic->letter, $factor->letters(), true) ? 1 : 0][] = $factor;
        }

        return $parts;
    }

    /**
     * What stands in front of the factors in the last line.
     *
     * @param list<Section>    $sections
     * @param list<Polynomial> $factors
     */
    private static function front(array $sections, array $factors): Expression
    {
        $whole = Polynomial::constant(1);
        foreach ($sections as $section) {
            foreach ($section->steps as $step) {
                foreach ($step->lines as $line) {
                    if ($line->link !== Link::Side && $line->node instanceof Equation) {
                        $side = $line->node->left->isZero() ? $line->node->right : $line->node->left;
                        $whole = Polynomial::fromExpression($side);
                    }
                }
            }
        }
        $product = array_reduce(
            $factors,
            static fn(Polynomial $before, Polynomial $factor): Polynomial => $before->times($factor),
            Polynomial::constant(1),
        );

        return LetteredDemonstration::over($whole, $product);
    }

    /**
     * Both sides divided by what stands in front without the letter.
     *
     * @param list<Polynomial> $factors
     */
    private static function divided(Expression $front, array $factors, string $letter): Section
    {
        $isDouble = \count($factors) === 2 && $factors[0]->equals($factors[1]);
        $left = $isDouble
            ? new Power($factors[0]->toExpression(), Numeral::of(2))
            : Product::of(array_map(static fn(Polynomial $factor): Expression => $factor->toExpression(), $factors));

        return new Section(Phase::Tidying, [new Step(
            id: 'divide',
            title: Message::of('solve.front.title', ['by' => $front]),
            why: Message::of('solve.front.why', ['letter' => new Letter($letter)]),
            lines: [Line::equivalent(
                new Equation($left, Numeral::of(0)),
                new ToBothSides(Operation::Divide, $front, [$front]),
            )],
        )]);
    }

    /**
     * @param non-empty-list<Polynomial> $factors
     * @param bool                       $hasNumber whether a number stands in front of them
     *
     * @return array{Section, non-empty-list<Expression>} each set equal to 0 and solved, and what the letter is
     */
    private static function solving(
        array $factors,
        LetteredQuadratic $quadratic,
        Task $task,
        bool $hasNumber,
    ): array {
        $isDouble = \count($factors) > 1 && $factors[0]->equals($factors[1]);
        $factors = $isDouble ? [$factors[0]] : $factors;
        $equations = array_map(
            static fn(Polynomial $factor): Equation => new Equation($factor->toExpression(), Numeral::of(0)),
            $factors,
        );
        $steps = [new Step(
            id: 'zero-product',
            title: Message::of($isDouble ? 'solve.zero.title-double' : 'solve.zero.title'),
            why: Message::of(match (true) {
                $isDouble => 'solve.zero.why-double',
                $hasNumber => 'solve.zero.why-front',
                default => 'solve.zero.why',
            }),
            lines: [$isDouble
                ? Line::equivalent($equations[0], new RootBothSides())
                : Line::equivalent(new Alternatives($equations), new ZeroProduct())],
        )];
        $results = [];
        foreach ($factors as $place => $factor) {
            $results[] = LetteredDemonstration::over(
                $quadratic->coefficient($factor, 0)->negated(),
                $quadratic->coefficient($factor, 1),
            );
            $branch = $isDouble ? null : Branch::way($place + 1);
            array_push($steps, ...self::alone($factor, $quadratic, $task, $branch, 'solve-' . ($place + 1)));
        }
        $letter = new Letter($quadratic->letter);
        if ($isDouble) {
            $steps = LastLine::ended([new Section(Phase::Solving, $steps)])[0]->steps;
        }
        $steps[] = new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of($isDouble ? 'solve.solutions.title-double' : 'solve.solutions.title'),
            why: Message::of($isDouble ? 'solve.solutions.why-double' : 'solve.solutions.why'),
            lines: $isDouble ? [] : [Line::result(new Alternatives(array_map(
                static fn(Expression $result): Equation => new Equation($letter, $result),
                $results,
            )), new JoinBranches())],
        );

        return [new Section(Phase::Solving, $steps), $results];
    }

    /** @return list<Step> mx + n = 0 for x; none where it says so already */
    private static function alone(
        Polynomial $factor,
        LetteredQuadratic $quadratic,
        Task $task,
        ?Branch $branch,
        string $id,
    ): array {
        [$m, $n] = [$quadratic->coefficient($factor, 1), $quadratic->coefficient($factor, 0)];
        $letter = new Letter($quadratic->letter);
        $written = $factor->toExpression();
        $isAcross = $task->style->get(Moving::class) === Moving::Across;
        $mx = LetteredReading::term($m, $letter)[0] ?? throw new \LogicException('A factor holds the letter.');
        $right = LetteredReading::plusFirst($n->negated());
        $lines = [];
        $says = [];
        if (!$n->isZero()) {
            [$operand, $adds, $lines] = LetteredReading::taken(
                $written->terms(),
                [Numeral::of(0)],
                $n->expressions(),
                new Equation($mx, $right),
                $task,
                $branch,
            );
            $says[] = $isAcross
                ? Message::of('solve.linear.across', ['from' => $n->toExpression(), 'to' => $right])
                : Message::of($adds ? 'solve.linear.add' : 'solve.linear.subtract', ['number' => $operand]);
        }
        if ($m->value()?->isOne() !== true) {
            $by = $m->toExpression();
            $lines[] = Line::equivalent(
                new Equation($letter, LetteredDemonstration::over($n->negated(), $m)),
                new ToBothSides(Operation::Divide, $by, $m->value() === null ? [$by] : []),
                $branch,
            );
            $says[] = Message::of($m->value() === null ? 'solve.linear.divide-letter' : 'solve.linear.divide', [
                'number' => $by,
            ]);
        }

        return $lines === [] ? [] : [new Step(
            id: $id,
            title: Message::of('solve.linear.title', ['factor' => new Equation($written, Numeral::of(0))]),
            why: \count($says) === 2
                ? Message::of('solve.linear.both', ['first' => $says[0], 'second' => $says[1]])
                : $says[0],
            lines: $lines,
        )];
    }
}
