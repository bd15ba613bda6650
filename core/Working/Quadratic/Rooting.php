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
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Same;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Slip\Slip;
use Runel\Style\Fractions;
use Runel\Style\NegativeRoot;

/** From (mx + n)² = D to the solutions: both roots, the root simplified, the letter alone. */
final readonly class Rooting
{
    private AfterTheRoot $after;

    public function __construct(private RootedSquare $square)
    {
        $this->after = new AfterTheRoot($square);
    }

    /** Whether the root can be taken: null where the numbers are too large to be simplified. */
    public static function fits(Rational $value): bool
    {
        return $value->isZero() || SquareRoot::of($value->absolute()) !== null;
    }

    /** @return array{non-empty-list<Step>, Answer, bool} the steps, the answer, and whether a root is left in it */
    public function work(): array
    {
        $square = $this->square;
        if ($square->value->isNegative() && $square->style->get(NegativeRoot::class) === NegativeRoot::None) {
            return [[$this->none()], new NoSolutionAnswer($square->letter, $square->equation), false];
        }
        if ($square->value->isZero()) {
            $answer = new SolutionsAnswer($square->letter, [Numeral::of($square->solution(Rational::zero()))]);

            return [$this->double(), $answer, false];
        }
        $root = SquareRoot::of($square->value->absolute())
            ?? throw new \LogicException('A root too large was not refused.');
        $root = $square->value->isNegative() ? $root->ofOpposite() : $square->asWritten($root);
        $steps = [$this->bothRoots($root), ...$this->simplified($root)];

        return $square->base instanceof Quotient
            ? $this->cleared($square->base, $root, $steps)
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
        $whole = $this->square->whole($base);
        $front = RootedSquare::below($base);
        $larger = SquareRoot::of($whole->value->absolute()) ?? $root;
        $larger = $whole->value->isNegative() ? $larger->ofOpposite() : $whole->asWritten($larger);

        return (new self($whole))->finished($larger, [...$steps, new Step(
            id: 'clear-root',
            title: $front->title(),
            why: Message::of('quadratic.roots.why-cleared', ['by' => $front->by]),
            lines: [Line::equivalent($whole->either($larger->simplified()), new JoinBranches())],
        )]);
    }

    /**
     * @param non-empty-list<Step> $steps what stands above
     *
     * @return array{non-empty-list<Step>, Answer, bool}
     */
    private function finished(SquareRoot $root, array $steps): array
    {
        if ($this->square->isApart()) {
            return $this->apart($root, $steps);
        }
        if ($root->isRational()) {
            $values = array_map($this->square->solution(...), [$root->coefficient, $root->coefficient->negated()]);
            $answer = new SolutionsAnswer($this->square->letter, array_map(Numeral::of(...), $values));
            array_push($steps, ...$this->after->oneByOne($root));
            $steps[] = $this->solutions($answer, array_map(Numeral::of(...), $values));

            return [self::saidOnce($steps), $answer, false];
        }
        $combined = $this->square->style->get(Fractions::class) === Fractions::Combined;
        $exact = array_map(
            fn(bool $minus): Expression => $this->square->exact($root, $minus, $combined),
            [false, true],
        );
        $answer = new SolutionsAnswer($this->square->letter, $exact);
        array_push($steps, ...$this->after->alone($root, $exact));

        return [self::saidOnce($steps), $answer, true];
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
        $combined = $this->square->style->get(Fractions::class) === Fractions::Combined;
        $solutions = [];
        foreach ([false, true] as $minus) {
            $value = $minus ? $root->coefficient->negated() : $root->coefficient;
            $solutions[] = $root->isRational()
                ? Numeral::of($this->square->solution($value))
                : $this->square->exact($root, $minus, $combined);
        }
        $answer = new SolutionsAnswer($this->square->letter, $solutions);
        $sizes = [$root->simplified(), new Negative($root->simplified())];
        foreach ($sizes as $place => $size) {
            $steps[] = $this->after->oneEquation(Branch::way($place + 1), $size, $solutions[$place]);
        }
        $steps[] = $this->solutions($answer, $solutions);

        return [self::saidOnce($steps), $answer, !$root->isRational()];
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
            why: Message::of('quadratic.none.why', ['value' => Numeral::of($this->square->value)]),
            lines: [Line::result($this->square->equation, new Rewrite())],
            question: Question::howMany(
                Message::of('quadratic.none.ask', ['value' => Numeral::of($this->square->value)]),
                $this->square->equation,
                0,
            ),
        );
    }

    /** @return non-empty-list<Step> */
    private function double(): array
    {
        $zero = Numeral::of(0);
        $solution = Numeral::of($this->square->solution(Rational::zero()));
        $solved = new Equation(new Letter($this->square->letter), $solution);
        $first = new Step(
            id: 'both-roots',
            title: Message::of('quadratic.roots.title-zero'),
            why: Message::of('quadratic.roots.why-zero'),
            lines: [Line::equivalent(new Equation($this->square->base, $zero), new RootBothSides())],
        );
        $base = $this->square->base;
        $moved = $base instanceof Quotient ? [
            Line::equivalent(new Equation($base->numerator, $zero), RootedSquare::below($base)->move()),
            ...(new AfterTheRoot($this->square->whole($base)))->moved(null, Rational::zero()),
        ] : $this->after->moved(null, Rational::zero());
        $end = Line::result($solved, new JoinBranches());
        $last = $moved === [] ? null : $moved[\count($moved) - 1];
        if ($last !== null && Same::nodes($last->node, $solved)) {
            $end = Line::result($solved, $last->move);
            array_pop($moved);
        }

        return [$first, new Step(
            id: 'solve-1',
            title: Message::of('quadratic.alone.title', ['letter' => new Letter($this->square->letter)]),
            why: Message::of('quadratic.alone.why-double'),
            lines: [...$moved, $end],
            question: Question::solutions(
                Message::of('solve.solutions.ask'),
                $this->square->problem,
                $this->square->letter,
                [$solution],
            ),
        )];
    }

    private function bothRoots(SquareRoot $root): Step
    {
        $written = $root->written();
        $size = $root->isRational() && $this->square->value->isInteger() ? $root->simplified() : $written;

        return new Step(
            id: 'both-roots',
            title: Message::of('quadratic.roots.title'),
            why: Message::of($this->isUnit() ? 'quadratic.roots.why-unit' : 'quadratic.roots.why'),
            lines: [...$this->rootWritten(), Line::equivalent($this->square->either($size), new RootBothSides())],
            question: $this->square->value->isNegative() ? null : Question::solutions(
                Message::of('quadratic.roots.ask', ['value' => Numeral::of($this->square->value)]),
                new Equation(
                    new Power(new Letter($this->square->letter), Numeral::of(2)),
                    Numeral::of($this->square->value),
                ),
                $this->square->letter,
                [$size, new Negative($size)],
            ),
            watch: Slip::PlusMinusForgotten,
        );
    }

    /** @return list<Line> the root over both sides, where what is done to both is written on both */
    private function rootWritten(): array
    {
        return $this->square->isAcross() || $this->square->value->isNegative()
            ? []
            : [Line::equivalent(new Equation(
                new Root(new Power($this->square->base, Numeral::of(2)), 2),
                new Root(Numeral::of($this->square->value), 2),
            ), new RootBothSides())];
    }

    /** Of −1: what is taken is i as it stands, and nothing is left to be simplified. */
    private function isUnit(): bool
    {
        return $this->square->value->negated()->isOne();
    }

    /** @return list<Step> */
    private function simplified(SquareRoot $root): array
    {
        $lines = RootLines::of($root);
        if ($lines === [] || $this->isUnit() || ($root->isRational() && $this->square->value->isInteger())) {
            return [];
        }
        $simple = $root->simplified();

        return [new Step(
            id: 'simplify-root',
            title: Message::of('quadratic.simplify.title'),
            why: match (true) {
                $this->square->value->isNegative() => Message::of('quadratic.simplify.why-imaginary'),
                $this->square->value->isInteger() => RootLines::why($root),
                $root->coefficient->decimal() !== null => Message::of('quadratic.simplify.why-decimal', [
                    'root' => $simple,
                    'value' => Numeral::of($this->square->value),
                ]),
                $root->isRational() => Message::of('quadratic.simplify.why-fraction'),
                $root->isSplit => Message::of('quadratic.simplify.why-split'),
                default => Message::of('quadratic.simplify.why'),
            },
            lines: [...$lines, Line::equivalent($this->square->either($simple), new JoinBranches())],
            question: $root->isRational() ? Question::form(
                Message::of('quadratic.simplify.ask', ['root' => $root->written()]),
                new Identity($root->written(), $simple),
                $simple,
            ) : null,
            watch: match (true) {
                $this->square->value->decimal() !== null || $this->square->value->isNegative() => null,
                !$this->square->value->isInteger() => Slip::DenominatorNotRooted,
                default => Slip::RootNotSimplified,
            },
        )];
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
                $this->square->problem,
                $this->square->letter,
                $values,
            ),
        );
    }
}
