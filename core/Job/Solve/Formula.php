<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\Quadratic;
use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reason;
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
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Slip\Slip;
use Runel\Style\Fractions;
use Runel\Style\NegativeRoot;
use Runel\Working\Arithmetic;
use Runel\Working\Known;
use Runel\Working\Outer;
use Runel\Working\Preliminaries;
use Runel\Working\Quadratic\FormulaWritten;
use Runel\Working\Quadratic\LetteredDemonstration;
use Runel\Working\Quadratic\LetteredFormula;
use Runel\Working\Quadratic\QuadraticDemonstration;
use Runel\Working\Quadratic\Rooting;
use Runel\Working\Quadratic\RootLines;

/** A quadratic equation by the formula: coefficients with their signs, the discriminant first, then the two roots. */
final readonly class Formula implements Method
{
    public function id(): string
    {
        return 'formula';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $quadratic = Known::quadratic($task);
        if (self::lettered($task) !== null) {
            return null;
        }
        if ($quadratic === null || Known::standardForm($task) === null) {
            return new MethodDoesNotApply(Message::of('quadratic.refusal'));
        }
        [$a, $b, $c] = self::coefficients($task, $quadratic);
        $discriminant = self::discriminant($a, $b, $c);
        $scaled = $discriminant->dividedBy(Rational::of(4)->times($a)->times($a));

        return Rooting::fits($discriminant) && Rooting::fits($scaled)
            ? null
            : new TooLarge(Message::of('quadratic.too-large'));
    }

    public function demonstrate(Task $task): Demonstration
    {
        $lettered = self::lettered($task);
        if ($lettered !== null) {
            [$sections, $results, $hasRoot] = (new LetteredFormula($task, $lettered))->work();

            return LetteredDemonstration::of($task, $lettered, $this, $sections, $results, $hasRoot, Message::of(
                'quadratic.letters.advice-formula',
            ));
        }
        $quadratic = Known::quadratic($task) ?? throw new \LogicException('No quadratic was not refused.');
        $gathered = Known::standardForm($task) ?? throw new \LogicException('No quadratic was not refused.');
        [$a, $b, $c] = self::coefficients($task, $quadratic);
        $discriminant = self::discriminant($a, $b, $c);
        // Nothing is taken out here: the formula takes any coefficients.
        $outer = new Outer(CommonTerm::of($gathered->whole), true);
        $reading = array_values(array_filter(
            Preliminaries::steps($task, $gathered, CommonTerm::of($gathered->whole), $outer, [
                'zeroed' => 'quadratic.formula.read-zeroed',
                'equation' => 'quadratic.formula.read-equation',
            ]),
            static fn(Step $step): bool => $step->role !== Role::TakingOut,
        ));
        $reading[] = $this->read($quadratic, $a, $b, $c);
        $zeroed = new Equation($gathered->whole->toExpression(), Numeral::of(0));
        [$solving, $answer, $roots] = $this->solved($task, $quadratic, $zeroed, [$a, $b, $c], $discriminant);
        $sections = [
            new Section(Phase::Reading, $reading),
            new Section(Phase::Discriminant, [
                $this->discriminantStep($a, $b, $c, $discriminant),
            ], outcome: Message::of('outcome.number', ['value' => Numeral::of($discriminant)])),
            new Section(Phase::Solving, $solving),
        ];

        return QuadraticDemonstration::of($task, $quadratic, $this, $sections, $answer, $roots, Message::of(
            'quadratic.advice.formula',
        ));
    }

    private static function lettered(Task $task): ?LetteredQuadratic
    {
        return $task->problem->node instanceof Equation ? Known::lettered($task) : null;
    }

    /** @return array{Rational, Rational, Rational} of the equation with everything on one side, without fractions */
    private static function coefficients(Task $task, Quadratic $quadratic): array
    {
        $whole = Known::standardForm($task)->whole ?? throw new \LogicException('No quadratic was not refused.');

        return [
            $whole->coefficient($quadratic->letter, 2)->plain(),
            $whole->coefficient($quadratic->letter, 1)->plain(),
            $whole->coefficient($quadratic->letter, 0)->plain(),
        ];
    }

    private static function discriminant(Rational $a, Rational $b, Rational $c): Rational
    {
        return $b->times($b)->minus(Rational::of(4)->times($a)->times($c));
    }

    private function read(Quadratic $quadratic, Rational $a, Rational $b, Rational $c): Step
    {
        return new Step(
            id: 'coefficients',
            title: Message::of('quadratic.read.title-coefficients'),
            why: Message::of('quadratic.read.why-coefficients', [
                'a' => Numeral::of($a), 'b' => Numeral::of($b), 'c' => Numeral::of($c),
            ]),
        );
    }

    private function discriminantStep(
        Rational $a,
        Rational $b,
        Rational $c,
        Rational $value,
    ): Step {
        $written = FormulaWritten::discriminant($a, $b, $c);
        $number = Numeral::of($value);

        return new Step(
            id: 'discriminant',
            title: Message::of('quadratic.discriminant.title'),
            why: Message::of('quadratic.discriminant.why'),
            lines: Arithmetic::lines($written),
            question: Question::form(
                Message::of('quadratic.discriminant.ask'),
                new Identity($written, $number),
                $number,
            ),
            watch: Slip::SignOfProduct,
        );
    }

    /** What the discriminant says of the solutions. */
    private static function says(Rational $discriminant): Message
    {
        return Message::of('quadratic.discriminant.says-' . match (true) {
            $discriminant->isZero() => 'zero',
            $discriminant->isNegative() => 'complex',
            default => $discriminant->squareRoot() !== null ? 'square' : 'positive',
        });
    }

    private static function howMany(Equation $zeroed, Rational $value): Question
    {
        $count = $value->isZero() ? 1 : ($value->isNegative() ? 0 : 2);

        return Question::howMany(
            Message::of('quadratic.discriminant.ask-count', ['value' => Numeral::of($value)]),
            $zeroed,
            $count,
        );
    }

    /**
     * @param array{Rational, Rational, Rational} $coefficients
     *
     * @return array{non-empty-list<Step>, Answer, bool}
     */
    private function solved(
        Task $task,
        Quadratic $quadratic,
        Equation $zeroed,
        array $coefficients,
        Rational $discriminant,
    ): array {
        [$a, $b] = $coefficients;
        $letter = new Letter($quadratic->letter);
        if ($discriminant->isNegative() && $task->style->get(NegativeRoot::class) === NegativeRoot::None) {
            return self::unsolved($quadratic->letter, $zeroed, $discriminant);
        }
        $steps = [$this->substituted($letter, $zeroed, $a, $b, $discriminant)];
        $minus = $b->negated();
        $double = Rational::of(2)->times($a);
        $like = $quadratic->like();
        if ($discriminant->isZero()) {
            $solution = Numeral::of($minus->dividedBy($double)->like($like));

            return [
                [...$steps, self::twice($letter, $minus, $double, $solution)],
                new SolutionsAnswer($quadratic->letter, [$solution]),
                false,
            ];
        }
        $root = self::root($discriminant);
        $combined = $task->style->get(Fractions::class) === Fractions::Combined;
        $solutions = $root->isRational()
            ? array_map(
                static fn(Rational $sum): Expression => Numeral::of($sum->dividedBy($double)->like($like)),
                [$minus->plus($root->coefficient), $minus->minus($root->coefficient)],
            )
            : self::withRoot($discriminant, $minus, $double, $combined);
        $answer = new SolutionsAnswer($quadratic->letter, $solutions);
        $worked = $this->simplified($letter, $root, $minus, $double);
        // Where nothing is left to do, the line before says the solutions already.
        $isDone = $worked->lines[\count($worked->lines) - 1]->node->equals($answer->node());
        $lines = $isDone
            ? \array_slice($worked->lines, 0, -1)
            : ($root->isRational() ? $this->split($minus, $root, $double, $like) : []);
        $last = new Step(
            id: 'solutions',
            role: $isDone ? $worked->role : Role::Gathering,
            title: $isDone ? $worked->title : Message::of('solve.solutions.title'),
            why: match (true) {
                $isDone => $worked->why,
                $root->isRational() => Message::of('quadratic.formula.why-split'),
                default => Message::of($combined ? 'quadratic.formula.why-reduced' : 'quadratic.formula.why-apart'),
            },
            lines: [...$lines, Line::result($answer->node(), new JoinBranches())],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $quadratic->equation,
                $quadratic->letter,
                $solutions,
            ),
        );

        return [$isDone ? [...$steps, $last] : [...$steps, $worked, $last], $answer, !$root->isRational()];
    }

    /** The formula with the numbers in it, and how many solutions the discriminant promises. */
    private function substituted(
        Letter $letter,
        Equation $zeroed,
        Rational $a,
        Rational $b,
        Rational $discriminant,
    ): Step {
        $minusB = $b->isNegative() || $b->isZero()
            ? new Negative(Numeral::of($b))
            : Numeral::of($b->negated());
        $below = Product::apart([Numeral::of(2), Numeral::of($a)]);
        $put = $this->both($letter, $minusB, new Root(Numeral::of($discriminant), 2), $below);

        return new Step(
            id: 'substitute',
            title: Message::of('quadratic.formula.title'),
            why: Message::of('quadratic.formula.why', [
                'says' => self::says($discriminant),
                'formula' => FormulaWritten::general($letter),
            ]),
            lines: [Line::equivalent($put, new JoinBranches())],
            question: self::howMany($zeroed, $discriminant),
            watch: Slip::StackedFraction,
            reason: Reason::Formula,
        );
    }

    /** The root is 0: plus and minus give the same. */
    private static function twice(Letter $letter, Rational $minus, Rational $double, Expression $solution): Step
    {
        $middle = new Equation($letter, new Quotient(Numeral::of($minus), Numeral::of($double)));
        $end = new Equation($letter, $solution);

        return new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of('solve.solutions.title-double'),
            why: Message::of('quadratic.formula.why-double'),
            lines: [
                ...($middle->equals($end) ? [] : [Line::equivalent($middle, new JoinBranches())]),
                Line::result($end, new JoinBranches()),
            ],
        );
    }

    /** @return non-empty-list<Expression> both solutions, reduced, the root left in them */
    private static function withRoot(
        Rational $discriminant,
        Rational $minus,
        Rational $double,
        bool $combined,
    ): array {
        $scaled = self::root($discriminant->dividedBy($double->times($double)));

        return array_map(static fn(bool $less): Expression => $scaled->beside(
            $minus->dividedBy($double),
            $less !== $double->isNegative(),
            $combined,
        ), [false, true]);
    }

    /** @return array{non-empty-list<Step>, NoSolutionAnswer, false} nothing real squares to a negative number */
    private static function unsolved(string $letter, Equation $zeroed, Rational $discriminant): array
    {
        return [[new Step(
            id: 'no-solution',
            title: Message::of('quadratic.none.title'),
            why: Message::of('quadratic.none.why', ['value' => Numeral::of($discriminant)]),
            lines: [Line::result($zeroed, new Rewrite())],
            question: self::howMany($zeroed, $discriminant),
        )], new NoSolutionAnswer($letter, $zeroed), false];
    }

    private static function root(Rational $value): SquareRoot
    {
        $root = SquareRoot::of($value->absolute())
            ?? throw new \LogicException('A root too large was not refused.');

        return $value->isNegative() ? $root->ofOpposite() : $root;
    }

    private function simplified(Letter $letter, SquareRoot $root, Rational $minus, Rational $double): Step
    {
        $line = Line::equivalent(
            $this->both($letter, Numeral::of($minus), $root->simplified(), Numeral::of($double)),
            new JoinBranches(),
        );

        $comesOut = RootLines::of($root);
        $isOut = $comesOut !== [] || $root->isImaginary() || $root->isRational();

        return new Step(
            id: 'simplify-root',
            title: Message::of($isOut ? 'quadratic.simplify.title' : 'quadratic.simplify.title-numbers'),
            why: match (true) {
                $root->isImaginary() => Message::of('quadratic.simplify.why-imaginary'),
                $root->isRational() => Message::of('quadratic.simplify.why-whole'),
                $isOut => RootLines::why($root),
                default => Message::of('quadratic.simplify.why-nothing', ['root' => $root->simplified()]),
            },
            lines: [...$comesOut, $line],
            watch: $isOut && !$root->isRational() && !$root->isImaginary() ? Slip::RootNotSimplified : null,
        );
    }

    /** @return list<Line> the two answers worked out one by one */
    private function split(Rational $minus, SquareRoot $root, Rational $double, Rational $like): array
    {
        $lines = [];
        foreach ([$root->coefficient, $root->coefficient->negated()] as $value) {
            $sum = $minus->plus($value);
            $written = new Quotient(Sum::of([Numeral::of($minus), Numeral::of($value)]), Numeral::of($double));
            $solution = Numeral::of($sum->dividedBy($double)->like($like));
            $middle = new Quotient(Numeral::of($sum), Numeral::of($double));
            $lines[] = Line::side($written, $middle);
            if (!$middle->equals($solution)) {
                $lines[] = Line::side($middle, $solution);
            }
        }

        return $lines;
    }

    private function both(Letter $letter, Expression $first, Expression $root, Expression $below): Alternatives
    {
        return new Alternatives([
            new Equation($letter, new Quotient(Sum::of([$first, $root]), $below)),
            new Equation($letter, new Quotient(Sum::of([$first, new Negative($root)]), $below)),
        ]);
    }
}
