<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Same;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\AfterRoot;
use Runel\Style\Fractions;
use Runel\Style\HouseStyle;
use Runel\Style\Moving;
use Runel\Style\NegativeRoot;
use Runel\Style\RationalPair;
use Runel\Style\RootOfFraction;
use Runel\Working\BothSides;
use Runel\Working\FractionWork;
use Runel\Working\NumberInFront;

/** From (mx + n)² = D to the solutions: both roots, the root simplified, the letter alone. */
final readonly class Rooting
{
    private Rational $m;
    private Rational $n;

    /**
     * @param Expression $base mx + n, as it stands in the square
     * @param Rational   $like a number of the problem: a decimal, as rational solutions are then, or none
     */
    public function __construct(
        private Equation $problem,
        private string $letter,
        private Expression $base,
        private Rational $value,
        private Equation $square,
        private HouseStyle $style,
        private Rational $like,
    ) {
        $polynomial = Polynomial::fromExpression($base);
        $this->m = $polynomial->coefficient($letter, 1);
        $this->n = $polynomial->coefficient($letter, 0);
    }

    /** Whether the root can be taken: null where the numbers are too large to be simplified. */
    public static function fits(Rational $value): bool
    {
        return $value->isZero() || SquareRoot::of($value->absolute()) !== null;
    }

    /** @return array{non-empty-list<Step>, Answer, bool} the steps, the answer, and whether a root is left in it */
    public function work(): array
    {
        if ($this->value->isNegative() && $this->style->get(NegativeRoot::class) === NegativeRoot::None) {
            return [[$this->none()], new NoSolutionAnswer($this->letter, $this->square), false];
        }
        if ($this->value->isZero()) {
            $answer = new SolutionsAnswer($this->letter, [Numeral::of($this->solution(Rational::zero()))]);

            return [$this->double(), $answer, false];
        }
        $root = SquareRoot::of($this->value->absolute())
            ?? throw new \LogicException('A root too large was not refused.');
        $root = $this->value->isNegative() ? $root->ofOpposite() : $this->asWritten($root);
        $steps = [$this->bothRoots($root), ...$this->simplified($root)];

        return $this->base instanceof Quotient
            ? $this->cleared($this->base, $root, $steps)
            : $this->finished($root, $steps);
    }

    /**
     * A root over a number that is multiplied away first: (x − 1)/2 = ±3, x − 1 = ±6.
     *
     * @param non-empty-list<Step> $steps what stands above
     *
     * @return array{non-empty-list<Step>, Answer, bool}
     */
    private function cleared(Quotient $base, SquareRoot $root, array $steps): array
    {
        $whole = $this->whole($base);
        $front = self::below($base);
        $larger = SquareRoot::of($whole->value->absolute()) ?? $root;
        $larger = $whole->value->isNegative() ? $larger->ofOpposite() : $whole->asWritten($larger);

        return $whole->finished($larger, [...$steps, new Step(
            id: 'clear-root',
            title: $front->title(),
            why: Message::of('quadratic.roots.why-cleared', ['by' => $front->by]),
            lines: [Line::equivalent($whole->either($larger->simplified()), new JoinBranches())],
        )]);
    }

    /** The same without what the root is divided by. */
    private function whole(Quotient $base): self
    {
        $by = Evaluation::rational($base->denominator);
        $value = $this->value->times($by)->times($by);

        return new self(
            $this->problem,
            $this->letter,
            $base->numerator,
            $value,
            new Equation(new Power($base->numerator, Numeral::of(2)), Numeral::of($value)),
            $this->style,
            $this->like,
        );
    }

    private static function below(Quotient $base): NumberInFront
    {
        return NumberInFront::of(Rational::one()->dividedBy(Evaluation::rational($base->denominator)));
    }

    /**
     * @param non-empty-list<Step> $steps what stands above
     *
     * @return array{non-empty-list<Step>, Answer, bool}
     */
    private function finished(SquareRoot $root, array $steps): array
    {
        if ($this->isApart()) {
            return $this->apart($root, $steps);
        }
        if ($root->isRational()) {
            $values = [$this->solution($root->coefficient), $this->solution($root->coefficient->negated())];
            $answer = new SolutionsAnswer($this->letter, array_map(Numeral::of(...), $values));
            array_push($steps, ...$this->oneByOne($root));
            $steps[] = $this->solutions($answer, array_map(Numeral::of(...), $values));

            return [self::saidOnce($steps), $answer, false];
        }
        $combined = $this->style->get(Fractions::class) === Fractions::Combined;
        $exact = array_map(fn(bool $minus): Expression => $this->exact($root, $minus, $combined), [false, true]);
        $answer = new SolutionsAnswer($this->letter, $exact);
        array_push($steps, ...$this->alone($root, $exact));

        return [self::saidOnce($steps), $answer, true];
    }

    /** The root of a fraction as the house leaves it; where the letter has a number of its own, no root stays below. */
    private function asWritten(SquareRoot $root): SquareRoot
    {
        return match (true) {
            !$this->m->isOne() => $root,
            $this->style->get(RootOfFraction::class) === RootOfFraction::Split => $root->split(),
            $this->style->get(RootOfFraction::class) === RootOfFraction::Kept => $root->kept(),
            default => $root,
        };
    }

    /** Whether each of the two equations is solved by itself. */
    private function isApart(): bool
    {
        return $this->style->get(AfterRoot::class) === AfterRoot::TwoEquations
            && (!$this->n->isZero() || !$this->m->isOne());
    }

    /**
     * Two equations, each solved in full.
     *
     * @param non-empty-list<Step> $steps what stands above
     *
     * @return array{non-empty-list<Step>, Answer, bool}
     */
    private function apart(SquareRoot $root, array $steps): array
    {
        $combined = $this->style->get(Fractions::class) === Fractions::Combined;
        $solutions = [];
        foreach ([false, true] as $minus) {
            $value = $minus ? $root->coefficient->negated() : $root->coefficient;
            $solutions[] = $root->isRational()
                ? Numeral::of($this->solution($value))
                : $this->exact($root, $minus, $combined);
        }
        $answer = new SolutionsAnswer($this->letter, $solutions);
        $sizes = [$root->simplified(), new Negative($root->simplified())];
        foreach ($sizes as $place => $size) {
            $steps[] = $this->oneEquation(Branch::way($place + 1), $size, $solutions[$place]);
        }
        $steps[] = $this->solutions($answer, $solutions);

        return [self::saidOnce($steps), $answer, !$root->isRational()];
    }

    private function oneEquation(Branch $branch, Expression $value, Expression $solution): Step
    {
        $letter = new Letter($this->letter);
        $solved = new Equation($letter, $solution);
        $size = Numeral::of($this->n->absolute());
        $taken = $this->n->isNegative() ? $size : new Negative($size);
        $mx = Polynomial::ofCoefficients($this->letter, [$this->m, Rational::zero()])->toExpression();
        $number = $value->number();
        $after = match (true) {
            $this->n->isZero() => $value,
            $number !== null => Numeral::of($number->minus($this->n)),
            default => Sum::of([Numeral::of($this->n->negated()), $value]),
        };
        $lines = [];
        if (!$this->n->isZero()) {
            $move = new ToBothSides($this->n->isNegative() ? Operation::Add : Operation::Subtract, $size);
            if ($this->style->get(Moving::class) === Moving::BothSides) {
                $lines[] = Line::equivalent(new Equation(
                    BothSides::struck($this->base->terms(), [$taken]),
                    BothSides::struck([$value], [$taken]),
                ), $move, $branch);
                $move = new Rewrite();
            }
            $lines[] = Line::equivalent(new Equation($mx, $after), $move, $branch);
        }
        if (!$this->m->isOne()) {
            $below = Numeral::of($this->m);
            $move = new ToBothSides(Operation::Divide, $below);
            if ($this->style->get(Moving::class) === Moving::BothSides) {
                $lines[] = Line::equivalent(
                    new Equation(new Quotient($mx, $below), new Quotient($after, $below)),
                    $move,
                    $branch,
                );
                $move = new Rewrite();
            }
            $lines[] = Line::equivalent($solved, $move, $branch);
        } elseif (!$after->equals($solution)) {
            $lines[] = Line::equivalent($solved, new Rewrite(), $branch);
        }
        $equation = new Equation($this->base, $value);

        return new Step(
            id: 'solve-' . $branch->number(),
            title: Message::of('solve.linear.title', ['factor' => $equation]),
            why: $this->oneEquationWhy(),
            lines: $lines,
            question: Question::solutions(
                Message::of('solve.linear.ask', ['factor' => $equation]),
                $equation,
                $this->letter,
                [$solution],
            ),
            watch: $this->n->isZero() ? null : Slip::SignNotTurned,
        );
    }

    /** What is done in one of the two equations. */
    private function oneEquationWhy(): Message
    {
        $size = Numeral::of($this->n->absolute());
        $moved = match (true) {
            $this->n->isZero() => null,
            $this->style->get(Moving::class) === Moving::Across => Message::of('solve.linear.across', [
                'from' => Numeral::of($this->n),
                'to' => Numeral::of($this->n->negated()),
            ]),
            default => Message::of(
                $this->n->isNegative() ? 'quadratic.branch.added' : 'quadratic.branch.subtracted',
                ['size' => $size],
            ),
        };
        $number = Numeral::of($this->m);

        return match (true) {
            $moved === null => Message::of('quadratic.alone.why-divide', ['number' => $number]),
            $this->m->isOne() => $moved,
            default => Message::of('quadratic.alone.divided', ['moved' => $moved, 'number' => $number]),
        };
    }

    /**
     * Where the last step would write again what stands above, the one above says the solutions.
     *
     * @param non-empty-list<Step> $steps
     *
     * @return non-empty-list<Step>
     */
    private static function saidOnce(array $steps): array
    {
        $last = $steps[\count($steps) - 1];
        $above = $steps[\count($steps) - 2] ?? null;
        $line = $above?->lines[\count($above->lines) - 1] ?? null;
        if ($above === null || $line === null || \count($last->lines) !== 1
            || !$line->node->equals($last->lines[0]->node)) {
            return $steps;
        }

        return [...\array_slice($steps, 0, -2), new Step(
            id: $above->id,
            role: $above->role,
            title: $above->title,
            why: $above->why,
            lines: [...\array_slice($above->lines, 0, -1), Line::result($line->node, $line->move)],
            question: $last->question ?? $above->question,
            watch: $above->watch,
        )];
    }

    private function none(): Step
    {
        return new Step(
            id: 'no-solution',
            title: Message::of('quadratic.none.title'),
            why: Message::of('quadratic.none.why', ['value' => Numeral::of($this->value)]),
            lines: [Line::result($this->square, new Rewrite())],
            question: Question::howMany(
                Message::of('quadratic.none.ask', ['value' => Numeral::of($this->value)]),
                $this->square,
                0,
            ),
        );
    }

    /** @return non-empty-list<Step> */
    private function double(): array
    {
        $zero = Numeral::of(0);
        $solution = Numeral::of($this->solution(Rational::zero()));
        $solved = new Equation(new Letter($this->letter), $solution);
        $first = new Step(
            id: 'both-roots',
            title: Message::of('quadratic.roots.title-zero'),
            why: Message::of('quadratic.roots.why-zero'),
            lines: [Line::equivalent(new Equation($this->base, $zero), new RootBothSides())],
        );
        $moved = $this->base instanceof Quotient ? [
            Line::equivalent(new Equation($this->base->numerator, $zero), self::below($this->base)->move()),
            ...$this->whole($this->base)->moved(null, Rational::zero()),
        ] : $this->moved(null, Rational::zero());
        $end = Line::result($solved, new JoinBranches());
        $last = $moved === [] ? null : $moved[\count($moved) - 1];
        if ($last !== null && Same::nodes($last->node, $solved)) {
            $end = Line::result($solved, $last->move);
            array_pop($moved);
        }

        return [$first, new Step(
            id: 'solve-1',
            title: Message::of('quadratic.alone.title', ['letter' => new Letter($this->letter)]),
            why: Message::of('quadratic.alone.why-double'),
            lines: [...$moved, $end],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->problem,
                $this->letter,
                [$solution],
            ),
        )];
    }

    private function bothRoots(SquareRoot $root): Step
    {
        $written = $root->written();
        $size = $root->isRational() && $this->value->isInteger() ? $root->simplified() : $written;

        return new Step(
            id: 'both-roots',
            title: Message::of('quadratic.roots.title'),
            why: Message::of($this->isUnit() ? 'quadratic.roots.why-unit' : 'quadratic.roots.why'),
            lines: [...$this->rootWritten(), Line::equivalent($this->either($size), new RootBothSides())],
            question: $this->value->isNegative() ? null : Question::solutions(
                Message::of('quadratic.roots.ask', ['value' => Numeral::of($this->value)]),
                new Equation(new Power(new Letter($this->letter), Numeral::of(2)), Numeral::of($this->value)),
                $this->letter,
                [$size, new Negative($size)],
            ),
            watch: Slip::PlusMinusForgotten,
        );
    }

    /** @return list<Line> the root over both sides, where what is done to both is written on both */
    private function rootWritten(): array
    {
        return $this->style->get(Moving::class) === Moving::Across || $this->value->isNegative()
            ? []
            : [Line::equivalent(new Equation(
                new Root(new Power($this->base, Numeral::of(2)), 2),
                new Root(Numeral::of($this->value), 2),
            ), new RootBothSides())];
    }

    /** Of −1: what is taken is i as it stands, and nothing is left to be simplified. */
    private function isUnit(): bool
    {
        return $this->value->negated()->isOne();
    }

    /** @return list<Step> */
    private function simplified(SquareRoot $root): array
    {
        $lines = RootLines::of($root);
        if ($lines === [] || $this->isUnit() || ($root->isRational() && $this->value->isInteger())) {
            return [];
        }
        $simple = $root->simplified();

        return [new Step(
            id: 'simplify-root',
            title: Message::of('quadratic.simplify.title'),
            why: match (true) {
                $this->value->isNegative() => Message::of('quadratic.simplify.why-imaginary'),
                $this->value->isInteger() => RootLines::why($root),
                $root->coefficient->decimal() !== null => Message::of('quadratic.simplify.why-decimal', [
                    'root' => $simple,
                    'value' => Numeral::of($this->value),
                ]),
                $root->isRational() => Message::of('quadratic.simplify.why-fraction'),
                $root->isSplit => Message::of('quadratic.simplify.why-split'),
                default => Message::of('quadratic.simplify.why'),
            },
            lines: [...$lines, Line::equivalent($this->either($simple), new JoinBranches())],
            question: $root->isRational() ? Question::form(
                Message::of('quadratic.simplify.ask', ['root' => $root->written()]),
                new Identity($root->written(), $simple),
                $simple,
            ) : null,
            watch: match (true) {
                $this->value->decimal() !== null || $this->value->isNegative() => null,
                !$this->value->isInteger() => Slip::DenominatorNotRooted,
                default => Slip::RootNotSimplified,
            },
        )];
    }

    /** @return list<Step> the letter alone, then each of the two rational answers worked out by itself */
    private function oneByOne(SquareRoot $root): array
    {
        if ($this->n->isZero() && $this->m->isOne()) {
            return [];
        }
        $letter = new Letter($this->letter);
        $values = [$root->coefficient, $root->coefficient->negated()];
        $number = $this->n->isZero() ? [] : [Numeral::of($this->n->negated())];
        $written = array_map(
            static fn(Rational $value): Expression => Sum::of([...$number, Numeral::of($value)]),
            $values,
        );
        $lines = $this->doneToBoth(array_map(Numeral::of(...), $values));
        if (!$this->m->isOne()) {
            $mx = Polynomial::ofCoefficients($this->letter, [$this->m, Rational::zero()])->toExpression();
            if ($number !== []) {
                $lines[] = Line::equivalent(self::alternatives($mx, $written), new JoinBranches());
            }
            $below = Numeral::of($this->m);
            $written = array_map(static fn(Expression $sum): Expression => new Quotient($sum, $below), $written);
        }
        $lines[] = Line::equivalent(self::alternatives($letter, $written), new JoinBranches());
        $together = $this->overOneLine($values);
        if ($together !== null) {
            $lines[] = Line::equivalent(self::alternatives($letter, $together), new JoinBranches());
            $written = $together;
        }
        $steps = [new Step(
            id: 'alone',
            title: Message::of('quadratic.alone.title', ['letter' => $letter]),
            why: $this->aloneWhy(false),
            lines: $lines,
            watch: $number === [] ? null : Slip::SignNotTurned,
        )];
        foreach ($values as $place => $value) {
            $solution = Numeral::of($this->solution($value));
            $steps[] = new Step(
                id: 'solve-' . ($place + 1),
                title: Message::of($place === 0 ? 'quadratic.one.title-plus' : 'quadratic.one.title-minus'),
                why: Message::of('quadratic.one.why', ['solution' => new Equation($letter, $solution)]),
                lines: $this->workedOut($written[$place], $value, $solution),
                question: Question::form(
                    Message::of('product.collect.ask', ['sum' => $written[$place]]),
                    new Identity($written[$place], $solution),
                    $solution,
                ),
            );
        }

        return $steps;
    }

    /**
     * Both sums as one fraction each, where that is the habit and there are fractions: (−5 + 3)/2 and (−5 − 3)/2.
     *
     * @param non-empty-list<Rational> $values
     *
     * @return non-empty-list<Expression>|null
     */
    private function overOneLine(array $values): ?array
    {
        $bottoms = [$this->n->denominator()->toInt(), $values[0]->denominator()->toInt()];
        if (
            $this->style->get(RationalPair::class) !== RationalPair::OneLine || !$this->m->isOne()
            || $bottoms[0] === null || $bottoms[1] === null || $this->like->isDecimal() || $bottoms === [1, 1]
        ) {
            return null;
        }
        $common = Rational::of(Integers::lcm(...$bottoms));

        return array_map(fn(Rational $value): Expression => new Quotient(Sum::of([
            Numeral::of($this->n->negated()->times($common)),
            Numeral::of($value->times($common)),
        ]), Numeral::of($common)), $values);
    }

    /** @return non-empty-list<Line> */
    private function workedOut(Expression $written, Rational $value, Expression $solution): array
    {
        $common = $this->m->isOne() && !$this->n->isZero() && $written instanceof Sum
            ? FractionWork::toCommonDenominator([Term::constant($this->n->negated()), Term::constant($value)])
            : [];

        return FractionWork::chain($written, $common, new Marked($solution, Mark::written()));
    }

    /** @param list<Expression> $rights */
    private static function alternatives(Expression $left, array $rights): Alternatives
    {
        return new Alternatives(array_map(
            static fn(Expression $right): Equation => new Equation($left, $right),
            $rights === [] ? throw new \LogicException('Nothing to choose from.') : $rights,
        ));
    }

    /**
     * The lines on the way from mx + n = v to the letter, the last one left out.
     *
     * @return list<Line>
     */
    private function moved(?Branch $branch, Rational $value): array
    {
        $lines = [];
        $after = $value->minus($this->n);
        $mx = Polynomial::ofCoefficients($this->letter, [$this->m, Rational::zero()])->toExpression();
        if (!$this->n->isZero()) {
            $size = Numeral::of($this->n->absolute());
            $move = new ToBothSides($this->n->isNegative() ? Operation::Add : Operation::Subtract, $size);
            $taken = new Marked($this->n->isNegative() ? $size : new Negative($size), Mark::written());
            $right = $value->isZero() ? [$taken] : [Numeral::of($value), $taken];
            $left = $this->style->get(Moving::class) === Moving::Across
                ? $mx
                : Sum::of([...$this->base->terms(), $taken]);
            $lines[] = Line::equivalent(new Equation($left, Sum::of($right)), $move, $branch);
            foreach ($value->isZero() ? [] : FractionWork::toCommonDenominator(
                [Term::constant($value), Term::constant($this->n->negated())],
            ) as $right) {
                $lines[] = Line::equivalent(new Equation($mx, $right), new Rewrite(), $branch);
            }
        }
        $reached = new Equation($mx, Numeral::of($after));
        $last = $lines === [] ? null : $lines[\count($lines) - 1];
        if (!$this->m->isOne() && ($last === null || !Same::nodes($last->node, $reached))) {
            $lines[] = Line::equivalent($reached, $last === null ? new JoinBranches() : new Rewrite(), $branch);
        }

        return $lines;
    }

    /**
     * @param list<Expression> $exact the two solutions
     *
     * @return list<Step> the letter alone, plus or minus kept
     */
    private function alone(SquareRoot $root, array $exact): array
    {
        $letter = new Letter($this->letter);
        $result = Line::result(new Alternatives([
            new Equation($letter, $exact[0]),
            new Equation($letter, $exact[1]),
        ]), new JoinBranches());
        if ($this->n->isZero() && $this->m->isOne()) {
            // Simplified, it says the letter already; it is only said that this is all.
            return [new Step(
                id: 'solutions',
                role: Role::Gathering,
                title: Message::of('solve.solutions.title'),
                why: Message::of('solve.solutions.why'),
                lines: [$result],
            )];
        }
        $lines = $this->doneToBoth([$root->simplified(), new Negative($root->simplified())]);
        $apart = array_map(fn(bool $minus): Expression => $this->exact($root, $minus, false), [false, true]);
        $number = Numeral::of($this->n->negated());
        $beside = static fn(Expression $size): Expression => Sum::of([$number, $size]);
        if (!$this->m->isOne()) {
            $mx = Polynomial::ofCoefficients($this->letter, [$this->m, Rational::zero()])->toExpression();
            if (!$this->n->isZero()) {
                $lines[] = Line::equivalent(new Alternatives([
                    new Equation($mx, $beside($root->simplified())),
                    new Equation($mx, $beside(new Negative($root->simplified()))),
                ]), new JoinBranches());
            }
        } elseif (!$apart[0]->equals($exact[0])) {
            $lines[] = Line::equivalent(new Alternatives([
                new Equation($letter, $apart[0]),
                new Equation($letter, $apart[1]),
            ]), new JoinBranches());
        }

        return [new Step(
            id: 'alone',
            title: Message::of('quadratic.alone.title', ['letter' => $letter]),
            why: $this->aloneWhy(!$apart[0]->equals($exact[0])),
            lines: [...$lines, $result],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->problem,
                $this->letter,
                $exact === [] ? [$number] : $exact,
            ),
        )];
    }

    /**
     * What is added to both sides or subtracted from them, written on both, where that is the habit.
     *
     * @param list<Expression> $values what the base is, once with plus and once with minus
     *
     * @return list<Line>
     */
    private function doneToBoth(array $values): array
    {
        if ($this->n->isZero() || $this->style->get(Moving::class) === Moving::Across) {
            return [];
        }
        $size = Numeral::of($this->n->absolute());
        $taken = new Marked($this->n->isNegative() ? $size : new Negative($size), Mark::written());

        return [Line::equivalent(new Alternatives(array_map(
            fn(Expression $value): Equation => new Equation(
                Sum::of([...$this->base->terms(), $taken]),
                Sum::of([$value, $taken]),
            ),
            $values === [] ? throw new \LogicException('Nothing to take the letter from.') : $values,
        )), new JoinBranches())];
    }

    private function aloneWhy(bool $combined): Message
    {
        $moved = match (true) {
            $this->style->get(Moving::class) === Moving::Across => Message::of('quadratic.alone.why-across', [
                'from' => Numeral::of($this->n),
                'turned' => Numeral::of($this->n->negated()),
            ]),
            default => Message::of(
                $this->n->isNegative() ? 'quadratic.alone.why-added' : 'quadratic.alone.why-subtracted',
                ['size' => Numeral::of($this->n->absolute())],
            ),
        };

        return match (true) {
            $this->n->isZero() => Message::of('quadratic.alone.why-divide', ['number' => Numeral::of($this->m)]),
            !$this->m->isOne() => Message::of('quadratic.alone.divided', [
                'moved' => $moved,
                'number' => Numeral::of($this->m),
            ]),
            $combined => Message::of('quadratic.alone.combined', ['moved' => $moved]),
            default => $moved,
        };
    }

    /** @param list<Expression> $values */
    private function solutions(SolutionsAnswer $answer, array $values): Step
    {
        return new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of('solve.solutions.title'),
            why: Message::of('solve.solutions.why'),
            lines: [Line::result($answer->node(), new JoinBranches())],
            question: $values === [] ? null : Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->problem,
                $this->letter,
                $values,
            ),
        );
    }

    /** mx + n = s or mx + n = −s. */
    private function either(Expression $size): Alternatives
    {
        return new Alternatives([
            new Equation($this->base, $size),
            new Equation($this->base, new Negative($size)),
        ], $this->isApart());
    }

    private function solution(Rational $value): Rational
    {
        return $value->minus($this->n)->dividedBy($this->m)->like($this->like);
    }

    private function exact(SquareRoot $root, bool $minus, bool $combined): Expression
    {
        $square = $this->value->dividedBy($this->m->times($this->m));
        $real = SquareRoot::of($square->absolute());
        $scaled = match (true) {
            $real === null => $root,
            $square->isNegative() => $real->ofOpposite(),
            default => $real,
        };
        $number = $this->n->negated()->dividedBy($this->m);

        return $this->asWritten($scaled)->beside($number, $minus !== $this->m->isNegative(), $combined);
    }
}
