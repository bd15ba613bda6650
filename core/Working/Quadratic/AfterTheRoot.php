<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Same;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\RationalPair;
use Runel\Working\BothSides;
use Runel\Working\FractionWork;

/** From mx + n = ±r to the letter alone: each of the two equations by itself, or both together. */
final readonly class AfterTheRoot
{
    public function __construct(private RootedSquare $square) {}

    public function oneEquation(Branch $branch, Expression $value, Expression $solution): Step
    {
        $letter = new Letter($this->square->letter);
        $solved = new Equation($letter, $solution);
        $taken = $this->square->taken();
        $mx = $this->square->withLetter();
        $number = $value->number();
        $after = match (true) {
            $this->square->n->isZero() => $value,
            $number !== null => Numeral::of($number->minus($this->square->n)),
            default => Sum::of([Numeral::of($this->square->n->negated()), $value]),
        };
        $lines = [];
        if (!$this->square->n->isZero()) {
            $move = $this->square->taking();
            if (!$this->square->isAcross()) {
                $lines[] = Line::equivalent(new Equation(
                    BothSides::struck($this->square->base->terms(), [$taken]),
                    BothSides::struck([$value], [$taken]),
                ), $move, $branch);
                $move = new Rewrite();
            }
            $lines[] = Line::equivalent(new Equation($mx, $after), $move, $branch);
        }
        if (!$this->square->m->isOne()) {
            $below = Numeral::of($this->square->m);
            $move = new ToBothSides(Operation::Divide, $below);
            if (!$this->square->isAcross()) {
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
        $equation = new Equation($this->square->base, $value);

        return new Step(
            id: 'solve-' . $branch->number(),
            title: Message::of('solve.linear.title', ['factor' => $equation]),
            why: $this->oneEquationWhy(),
            lines: $lines,
            question: Question::solutions(
                Message::of('solve.linear.ask', ['factor' => $equation]),
                $equation,
                $this->square->letter,
                [$solution],
            ),
            watch: $this->square->n->isZero() ? null : Slip::SignNotTurned,
        );
    }

    /** What is done in one of the two equations. */
    private function oneEquationWhy(): Message
    {
        $moved = match (true) {
            $this->square->n->isZero() => null,
            $this->square->isAcross() => Message::of('solve.linear.across', [
                'from' => Numeral::of($this->square->n),
                'to' => Numeral::of($this->square->n->negated()),
            ]),
            default => Message::of(
                $this->square->n->isNegative() ? 'quadratic.branch.added' : 'quadratic.branch.subtracted',
                ['size' => $this->square->size()],
            ),
        };
        $number = Numeral::of($this->square->m);

        return match (true) {
            $moved === null => Message::of('quadratic.alone.why-divide', ['number' => $number]),
            $this->square->m->isOne() => $moved,
            default => Message::of('quadratic.alone.divided', ['moved' => $moved, 'number' => $number]),
        };
    }

    /**
     * @param list<Expression> $exact the two solutions
     *
     * @return list<Step> the letter alone, plus or minus kept
     */
    public function alone(SquareRoot $root, array $exact): array
    {
        $letter = new Letter($this->square->letter);
        $result = Line::result(new Alternatives([
            new Equation($letter, $exact[0]),
            new Equation($letter, $exact[1]),
        ]), new JoinBranches());
        if ($this->square->n->isZero() && $this->square->m->isOne()) {
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
        $apart = array_map(fn(bool $minus): Expression => $this->square->exact($root, $minus, false), [false, true]);
        $number = Numeral::of($this->square->n->negated());
        $beside = static fn(Expression $size): Expression => Sum::of([$number, $size]);
        if (!$this->square->m->isOne()) {
            $mx = $this->square->withLetter();
            if (!$this->square->n->isZero()) {
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
                $this->square->problem,
                $this->square->letter,
                $exact === [] ? [$number] : $exact,
            ),
        )];
    }

    private function aloneWhy(bool $combined): Message
    {
        $moved = match (true) {
            $this->square->isAcross() => Message::of('quadratic.alone.why-across', [
                'from' => Numeral::of($this->square->n),
                'turned' => Numeral::of($this->square->n->negated()),
            ]),
            default => Message::of(
                $this->square->n->isNegative() ? 'quadratic.alone.why-added' : 'quadratic.alone.why-subtracted',
                ['size' => $this->square->size()],
            ),
        };

        return match (true) {
            $this->square->n->isZero() => Message::of('quadratic.alone.why-divide', [
                'number' => Numeral::of($this->square->m),
            ]),
            !$this->square->m->isOne() => Message::of('quadratic.alone.divided', [
                'moved' => $moved,
                'number' => Numeral::of($this->square->m),
            ]),
            $combined => Message::of('quadratic.alone.combined', ['moved' => $moved]),
            default => $moved,
        };
    }

    /** @return list<Step> the letter alone, then each of the two rational answers worked out by itself */
    public function oneByOne(SquareRoot $root): array
    {
        if ($this->square->n->isZero() && $this->square->m->isOne()) {
            return [];
        }
        $letter = new Letter($this->square->letter);
        $values = [$root->coefficient, $root->coefficient->negated()];
        $number = $this->square->n->isZero() ? [] : [Numeral::of($this->square->n->negated())];
        $written = array_map(
            static fn(Rational $value): Expression => Sum::of([...$number, Numeral::of($value)]),
            $values,
        );
        $lines = $this->doneToBoth(array_map(Numeral::of(...), $values));
        if (!$this->square->m->isOne()) {
            $mx = $this->square->withLetter();
            if ($number !== []) {
                $lines[] = Line::equivalent(self::alternatives($mx, $written), new JoinBranches());
            }
            $below = Numeral::of($this->square->m);
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
            $solution = Numeral::of($this->square->solution($value));
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
        $bottoms = [$this->square->n->denominator()->toInt(), $values[0]->denominator()->toInt()];
        if (
            $this->square->style->get(RationalPair::class) !== RationalPair::OneLine || !$this->square->m->isOne()
            || $bottoms[0] === null || $bottoms[1] === null || $this->square->like->isDecimal() || $bottoms === [1, 1]
        ) {
            return null;
        }
        $common = Rational::of(Integers::lcm(...$bottoms));

        return array_map(fn(Rational $value): Expression => new Quotient(Sum::of([
            Numeral::of($this->square->n->negated()->times($common)),
            Numeral::of($value->times($common)),
        ]), Numeral::of($common)), $values);
    }

    /** @return non-empty-list<Line> */
    private function workedOut(Expression $written, Rational $value, Expression $solution): array
    {
        $common = $this->square->m->isOne() && !$this->square->n->isZero() && $written instanceof Sum
            ? FractionWork::toCommonDenominator([Term::constant($this->square->n->negated()), Term::constant($value)])
            : [];

        return FractionWork::chain($written, $common, new Marked($solution, Mark::written()));
    }

    /**
     * The lines on the way from mx + n = v to the letter, the last one left out.
     *
     * @return list<Line>
     */
    public function moved(?Branch $branch, Rational $value): array
    {
        $lines = [];
        $after = $value->minus($this->square->n);
        $mx = $this->square->withLetter();
        if (!$this->square->n->isZero()) {
            $move = $this->square->taking();
            $taken = new Marked($this->square->taken(), Mark::written());
            $right = $value->isZero() ? [$taken] : [Numeral::of($value), $taken];
            $left = $this->square->isAcross()
                ? $mx
                : Sum::of([...$this->square->base->terms(), $taken]);
            $lines[] = Line::equivalent(new Equation($left, Sum::of($right)), $move, $branch);
            foreach ($value->isZero() ? [] : FractionWork::toCommonDenominator(
                [Term::constant($value), Term::constant($this->square->n->negated())],
            ) as $right) {
                $lines[] = Line::equivalent(new Equation($mx, $right), new Rewrite(), $branch);
            }
        }
        $reached = new Equation($mx, Numeral::of($after));
        $last = $lines === [] ? null : $lines[\count($lines) - 1];
        if (!$this->square->m->isOne() && ($last === null || !Same::nodes($last->node, $reached))) {
            $lines[] = Line::equivalent($reached, $last === null ? new JoinBranches() : new Rewrite(), $branch);
        }

        return $lines;
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
        if ($this->square->n->isZero() || $this->square->isAcross()) {
            return [];
        }
        $taken = new Marked($this->square->taken(), Mark::written());

        return [Line::equivalent(new Alternatives(array_map(
            fn(Expression $value): Equation => new Equation(
                Sum::of([...$this->square->base->terms(), $taken]),
                Sum::of([$value, $taken]),
            ),
            $values === [] ? throw new \LogicException('Nothing to take the letter from.') : $values,
        )), new JoinBranches())];
    }

    /** @param list<Expression> $rights */
    private static function alternatives(Expression $left, array $rights): Alternatives
    {
        return new Alternatives(array_map(
            static fn(Expression $right): Equation => new Equation($left, $right),
            $rights === [] ? throw new \LogicException('Nothing to choose from.') : $rights,
        ));
    }
}
