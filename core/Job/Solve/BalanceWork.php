<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\LinearEquation;
use Runel\Demonstration\Answer\AllNumbersAnswer;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\BalanceFigure;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Substitution;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\CollectFirst;
use Runel\Style\Moving;
use Runel\Style\SidesTurned;
use Runel\Style\UnknownSide;
use Runel\Working\Arithmetic;
use Runel\Working\Arrival;
use Runel\Working\BothSides;
use Runel\Working\LinearSteps;
use Runel\Working\Quadratic\Decimals;

/** One linear equation worked from the problem to the unknown alone. */
final class BalanceWork
{
    /** Up to here a solution may be seen without a method. */
    private const GUESSED = 12;

    private Equation $reached;
    private readonly string $letter;
    private readonly bool $across;
    /** Whether the unknown is on the right, and stays there to the end; all is worked as if it were on the left. */
    private bool $turnsAtEnd = false;

    public function __construct(private readonly Task $task, private readonly LinearEquation $linear)
    {
        $this->reached = $linear->equation;
        $this->letter = $linear->letter;
        $this->across = $task->style->get(Moving::class) === Moving::Across;
    }

    public function demonstration(Balance $method): Demonstration
    {
        $reading = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('balance.read.title'),
            why: Message::of('balance.read.why', ['letter' => new Letter($this->letter)]),
            lines: [Line::given($this->linear->equation)],
        )];
        [$tidying, $this->reached] = (new TidiedSides($this->linear, $this->task->style))->work();
        [$gathering, $left, $right] = $this->gathered();
        [$solving, $answer] = $this->solved($left, $right);
        $solving = $this->turnsAtEnd && $answer instanceof SolutionsAnswer ? $this->turnedAtEnd($solving) : $solving;
        if ($solving === []) {
            [$tidying, $gathering, $solving] = self::ending($tidying, $gathering);
        }
        $moves = \count($tidying) + \count($gathering) + \count($solving);
        if ($moves > 1 && $answer instanceof SolutionsAnswer && self::canBeSeen($answer->solutions()[0])) {
            $reading[] = $this->see($answer->solutions()[0]);
        }
        $sections = array_values(array_filter([
            new Section(Phase::Reading, $reading),
            new Section(Phase::Tidying, $tidying),
            new Section(Phase::Collecting, $gathering),
            new Section(Phase::Solving, $solving),
        ], static fn(Section $section): bool => $section->steps !== []));
        $sections = $sections === [] ? [] : Section::warningOnce(Arrival::once($sections));
        $solution = $answer instanceof SolutionsAnswer ? $this->value($answer->solutions()[0]) : null;

        if ($sections !== []) {
            [$sections, $answer] = Decimals::of($this->task, $sections, $answer, $this->linear->letter);
        }

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $this->linear->left->hasFractions() || $this->linear->right->hasFractions()
                    || $solution?->isInteger() === false,
                advice: Message::of('balance.advice', ['count' => max(1, $moves)]),
            ),
            sections: $sections === [] ? throw new \LogicException('Nothing was read.') : $sections,
            answer: $answer,
            checking: fn(): array => $this->checks($solution, $answer),
        );
    }

    /**
     * Where nothing is left to solve: the last step there is says the answer.
     *
     * @param list<Step> $tidying
     * @param list<Step> $gathering
     *
     * @return array{list<Step>, list<Step>, list<Step>}
     */
    private static function ending(array $tidying, array $gathering): array
    {
        return match (true) {
            $gathering !== [] => [$tidying, self::answering($gathering), []],
            $tidying !== [] => [self::answering($tidying), [], []],
            default => throw new \LogicException('What says its solution already was not refused.'),
        };
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step> the last line of all as the answer
     */
    private static function answering(array $steps): array
    {
        $last = array_pop($steps);
        $lines = $last->lines ?? [];
        $end = array_pop($lines);

        return $last === null || $end === null
            ? $steps
            : [...$steps, $last->withLines([...$lines, Line::result($end->node, $end->move)])];
    }

    /** A small whole number may be guessed; nobody sees 17/7. */
    private static function canBeSeen(Expression $solution): bool
    {
        $value = $solution->number();

        return $value !== null && $value->isInteger()
            && $value->absolute()->compareTo(Rational::of(self::GUESSED)) <= 0;
    }

    /** "You can see it": a guess is put in, the method comes after. */
    private function see(Expression $solution): Step
    {
        return new Step(
            id: 'see',
            role: Role::Guessing,
            title: Message::of('balance.see.title'),
            why: Message::of('balance.see.why', ['letter' => new Letter($this->letter)]),
            question: Question::solutions(
                Message::of('balance.see.ask', ['letter' => new Letter($this->letter)]),
                $this->linear->equation,
                $this->letter,
                [$solution],
            ),
        );
    }

    /** @return array{list<Step>, Polynomial, Polynomial} the unknown on one side, the left one in the end */
    private function gathered(): array
    {
        $left = Polynomial::fromExpression($this->reached->left);
        $right = Polynomial::fromExpression($this->reached->right);
        $steps = [];
        $own = self::withLetter($left);
        $other = self::withLetter($right);
        $numbersFirst = $this->task->style->get(CollectFirst::class) === CollectFirst::Numbers;
        if (!$own->isZero() && !$other->isZero()) {
            $larger = $this->task->style->get(UnknownSide::class) === UnknownSide::Larger
                && $other->coefficient($this->letter, 1)->compareTo($own->coefficient($this->letter, 1)) > 0;
            $number = self::withoutLetter($larger ? $right : $left);
            if ($numbersFirst && !$number->isZero() && !$own->equals($other)) {
                $steps[] = $this->tookNumber($left, $right, $number);
                [$left, $right] = [$left->minus($number), $right->minus($number)];
            }
            $taken = $larger ? $own : $other;
            [$newLeft, $newRight] = [$left->minus($taken), $right->minus($taken)];
            $steps[] = $this->took($left, $right, $taken, $larger);
            [$left, $right] = [$newLeft, $newRight];
        }
        if (self::withLetter($left)->isZero() && !self::withLetter($right)->isZero()) {
            [$left, $right] = [$right, $left];
            $this->reached = new Equation($this->reached->right, $this->reached->left);
            if ($this->task->style->get(SidesTurned::class) === SidesTurned::AtEnd && !$this->saysSolution()) {
                $this->turnsAtEnd = true;

                return [$steps, $left, $right];
            }
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('balance.swap.title'),
                why: Message::of('balance.swap.why', ['letter' => new Letter($this->letter)]),
                lines: [Line::equivalent($this->reached, new SwapSides())],
            );
        }

        return [$steps, $left, $right];
    }

    /** Whether the letter stands alone beside a number. */
    private function saysSolution(): bool
    {
        return $this->reached->left instanceof Letter;
    }

    /**
     * The work as it is written while the unknown stays on the right, and the sides exchanged behind it.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function turnedAtEnd(array $steps): array
    {
        $end = $this->reached;
        $turned = array_map(static fn(Step $step): Step => $step->onTheWay()->withLines(array_map(
            static fn(Line $line): Line => $line->onTheWay()->turned(),
            $step->lines,
        ))->withFigure($step->figure instanceof BalanceFigure ? $step->figure->turned() : $step->figure), $steps);
        $turned[] = new Step(
            id: 'swap-sides',
            title: Message::of('balance.swap.title'),
            why: Message::of('balance.swap.why-end', ['letter' => new Letter($this->letter)]),
            lines: [Line::result($end, new SwapSides())],
        );

        return $turned;
    }

    /** The number beside the unknown taken from both sides before the letters are gathered. */
    private function tookNumber(Polynomial $left, Polynomial $right, Polynomial $taken): Step
    {
        $before = $this->reached;
        $wanted = new Equation($left->minus($taken)->toExpression(), $right->minus($taken)->toExpression());
        $this->reached = $wanted;
        $number = $taken->terms[0]->coefficient;
        $size = Numeral::of($number->absolute());

        return new Step(
            id: 'gather-number',
            title: Message::of(match (true) {
                $this->across => 'balance.number.title-across',
                $number->isNegative() => 'balance.number.title-add',
                default => 'balance.number.title',
            }, ['number' => $this->across ? Numeral::of($number) : $size]),
            why: Message::of($this->across ? 'balance.number.why-across' : 'balance.number.why-first', [
                'from' => Numeral::of($number),
                'to' => Numeral::of($number->negated()),
                'letter' => new Letter($this->letter),
            ]),
            lines: BothSides::taken($left, $right, $taken, $wanted, $this->task->style->get(Moving::class)),
            figure: Pans::of($this->letter, $left, $right, $taken, Rational::one()),
            question: Question::equation(
                Message::of('balance.number.ask-first'),
                $before,
                $wanted,
            ),
            watch: $this->across ? Slip::SignNotTurned : Slip::OneSideOnly,
        );
    }

    private function took(Polynomial $left, Polynomial $right, Polynomial $taken, bool $larger): Step
    {
        $before = $this->reached;
        $wanted = new Equation($left->minus($taken)->toExpression(), $right->minus($taken)->toExpression());
        $this->reached = $wanted;
        $term = $taken->toExpression();
        $negative = $taken->terms[0]->coefficient->isNegative();
        $size = $negative ? $taken->negated()->toExpression() : $term;
        // With the sign as it was, the term is added where it should be taken away.
        $unturned = $larger
            ? new Equation(self::withoutLetter($left)->toExpression(), $right->plus($taken)->toExpression())
            : new Equation($left->plus($taken)->toExpression(), self::withoutLetter($right)->toExpression());

        return new Step(
            id: 'gather',
            title: Message::of(match (true) {
                $this->across => 'balance.gather.title-across',
                $negative => 'balance.gather.title-add',
                default => 'balance.gather.title',
            }, ['term' => $this->across ? $term : $size]),
            why: Message::of(match (true) {
                $left->minus($taken)->letters() === [] && $right->minus($taken)->letters() === []
                    => 'balance.gather.why-gone',
                $this->across => 'balance.gather.why-across',
                $larger => 'balance.gather.why-larger',
                default => 'balance.gather.why',
            }, ['letter' => new Letter($this->letter), 'term' => $term, 'turned' => $taken->negated()->toExpression()]),
            lines: BothSides::taken($left, $right, $taken, $wanted, $this->task->style->get(Moving::class)),
            figure: Pans::of($this->letter, $left, $right, $taken, Rational::one()),
            question: Question::equation(
                Message::of('balance.gather.ask', ['letter' => new Letter($this->letter)]),
                $before,
                $wanted,
            ),
            watch: $this->across ? Slip::SignNotTurned : Slip::OneSideOnly,
        );
    }

    /** @return array{list<Step>, Answer} */
    private function solved(Polynomial $left, Polynomial $right): array
    {
        if (self::withLetter($left)->isZero()) {
            return $this->withoutUnknown($left, $right);
        }
        $linear = new LinearSteps(
            $this->letter,
            $this->reached->left,
            $this->task->style->get(Moving::class),
            $this->linear->like(),
            $right->isZero() ? Rational::zero() : $right->coefficient($this->letter, 0),
        );
        $solution = Numeral::of($linear->root());
        $machine = Undoing::of($this->letter, $linear);
        $steps = [];
        if (!$linear->r->isZero()) {
            $pans = Pans::of($this->letter, $left, $right, self::withoutLetter($left), Rational::one());
            $machine = $machine?->next();
            $steps[] = $this->number($linear, $pans ?? $machine);
        }
        if (!$linear->m->isOne()) {
            $rest = self::withLetter($left);
            $number = Polynomial::constant($linear->left());
            $pans = Pans::of($this->letter, $rest, $number, Polynomial::constant(0), $linear->m);
            $steps[] = $this->coefficient($linear, $pans ?? $machine?->next());
        }
        $answer = new SolutionsAnswer($this->letter, [$solution]);

        return [self::answering($steps), $answer];
    }

    private function number(LinearSteps $linear, ?Figure $figure): Step
    {
        $before = $this->reached;
        $size = Numeral::of($linear->r->absolute());
        $adds = $linear->r->isNegative();
        $term = $linear->term();
        $right = $linear->left()->plus($linear->r);
        $after = new Equation($term, Numeral::of($linear->left()));
        $this->reached = $after;

        return new Step(
            id: 'number',
            title: Message::of(match (true) {
                $this->across => 'balance.number.title-across',
                $adds => 'balance.number.title-add',
                default => 'balance.number.title',
            }, ['number' => $this->across ? Numeral::of($linear->r) : $size]),
            why: Message::of(match (true) {
                $this->across => 'balance.number.why-across',
                $adds => 'balance.number.why-add',
                default => 'balance.number.why',
            }, ['number' => $size, 'from' => Numeral::of($linear->r), 'to' => Numeral::of($linear->r->negated())]),
            lines: $linear->withoutNumber(null),
            figure: $figure,
            question: Question::equation(
                Message::of('balance.number.ask', ['letter' => new Letter($this->letter)]),
                $before,
                $after,
            ),
            watch: $this->across ? Slip::SignNotTurned : Slip::OneSideOnly,
        );
    }

    private function coefficient(LinearSteps $linear, ?Figure $figure): Step
    {
        $before = $this->reached;
        $solution = Numeral::of($linear->root());
        $letter = new Letter($this->letter);
        $after = new Equation($letter, $solution);
        $this->reached = $after;
        $turns = $linear->m->negated()->isOne();
        $isFraction = !$linear->m->isInteger() && !$linear->m->isDecimal();

        return new Step(
            id: 'coefficient',
            title: Message::of(match (true) {
                $turns => 'balance.coefficient.title-turn',
                $linear->divides() => 'balance.coefficient.title-divided',
                $isFraction => 'balance.coefficient.title-multiply',
                default => 'balance.coefficient.title',
            }, ['number' => Numeral::of($isFraction ? $linear->m->reciprocal() : $linear->m)]),
            why: Message::of(match (true) {
                $turns => 'balance.coefficient.why-turn',
                $linear->divides() => 'balance.coefficient.why-divided',
                $isFraction => 'balance.coefficient.why-multiply',
                default => 'balance.coefficient.why',
            }, [
                'number' => Numeral::of($linear->divides() ? $linear->m->reciprocal() : $linear->m),
                'letter' => new Letter($this->letter),
            ]),
            lines: $linear->withoutCoefficient(null),
            figure: $figure,
            question: Question::equation(
                Message::of('balance.coefficient.ask', ['letter' => new Letter($this->letter)]),
                $before,
                $after,
            ),
            watch: $linear->m->isNegative() ? Slip::DividedByNegative : null,
        );
    }

    /** @return array{list<Step>, Answer} numbers alone are left: true, or not */
    private function withoutUnknown(Polynomial $left, Polynomial $right): array
    {
        $equation = new Equation($left->toExpression(), $right->toExpression());
        $holds = $left->equals($right);

        return [[new Step(
            id: $holds ? 'all' : 'none',
            title: Message::of($holds ? 'balance.all.title' : 'balance.none.title'),
            why: Message::of($holds ? 'balance.all.why' : 'balance.none.why', [
                'letter' => new Letter($this->letter),
                'equation' => $equation,
            ]),
            lines: [Line::result($equation, new Rewrite())],
        )], $holds ? new AllNumbersAnswer($equation) : new NoSolutionAnswer($this->letter, $equation)];
    }

    private static function withLetter(Polynomial $polynomial): Polynomial
    {
        return Polynomial::ofTerms(array_filter(
            $polynomial->terms,
            static fn(Term $term): bool => $term->monomial->exponents !== [],
        ));
    }

    private static function withoutLetter(Polynomial $polynomial): Polynomial
    {
        return $polynomial->minus(self::withLetter($polynomial));
    }

    private function value(Expression $solution): Rational
    {
        return Evaluation::rational($solution);
    }

    /** @return non-empty-list<Check> */
    private function checks(?Rational $solution, Answer $answer): array
    {
        if ($solution !== null) {
            $checks = Substituted::checks($this->linear->equation, $this->letter, [$solution]);

            return $checks === [] ? throw new \LogicException('A solution was not put in.') : $checks;
        }
        $lines = [];
        [$left, $right] = [$this->linear->equation->left, $this->linear->equation->right];
        $alike = $left->equals($right);
        foreach ([0, 1] as $value) {
            foreach ($alike ? [$left] : [$left, $right] as $side) {
                $put = Substitution::into($side, $this->letter, Numeral::of($value));
                if ($put !== $side) {
                    array_push($lines, ...Arithmetic::lines($put));
                }
            }
        }
        if ($lines === []) {
            $lines[] = Line::side(Product::apart([Numeral::of(0), new Letter($this->letter)]), Numeral::of(0));
        }

        return [new Check(
            kind: CheckKind::Substitution,
            title: Message::of('balance.check.title', ['letter' => new Letter($this->letter)]),
            why: Message::of(match (true) {
                $alike => 'balance.check.why-alike',
                $answer instanceof AllNumbersAnswer => 'balance.check.why-all',
                default => 'balance.check.why-none',
            }),
            lines: $lines,
            holds: true,
        )];
    }
}
