<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Style\SquareBooks;
use Runel\Style\SquareShown;
use Runel\Working\BothSides;
use Runel\Working\FractionWork;
use Runel\Working\NumberInFront;

/** A quadratic equation solved by completing the square, every decision a step. */
final readonly class CompletedSquare
{
    private SquareShape $shape;
    private SquareTilesFigure $tiles;

    public function __construct(private Task $task, private Quadratic $quadratic)
    {
        $this->shape = new SquareShape($quadratic, $task->style);
        $this->tiles = $this->shape->tiles();
    }

    /** @return array{non-empty-list<Section>, Answer, bool} the sections, the answer, whether a root is left in it */
    public function work(): array
    {
        $squared = new Equation($this->squared(), Numeral::of($this->value()));
        [$steps, $answer, $roots] = (new Rooting(new RootedSquare(
            $this->quadratic->equation,
            $this->quadratic->letter,
            $this->shape->base(),
            $this->value(),
            $squared,
            $this->task->style,
            $this->quadratic->like(),
        )))->work();

        return [[
            new Section(Phase::Reading, (new SquareOpening($this->task, $this->shape))->steps()),
            new Section(Phase::Completing, [
                $this->gap(),
                $this->halved(),
                ...$this->filled(),
                ...$this->found(),
                ...$this->crossed(),
            ]),
            new Section(Phase::Tidying, $this->tidied()),
            new Section(Phase::Solving, $steps),
        ], $answer, $roots];
    }

    /** What the square comes to: D in (x + h)² = D. */
    public function value(): Rational
    {
        return $this->shape->value();
    }

    /** (x + h)². */
    private function squared(): Expression
    {
        return new Power($this->shape->base(), Numeral::of(2));
    }

    private function isOnBothSides(): bool
    {
        return $this->shape->books === SquareBooks::BothSides;
    }

    private function gap(): Step
    {
        $gap = static fn(): Expression => new Marked(Numeral::of(0), Mark::gap());
        $outside = $this->shape->outside;

        return new Step(
            id: 'gap',
            title: Message::of($this->isOnBothSides() ? 'quadratic.gap.title' : 'quadratic.gap.title-same'),
            why: Message::of(match (true) {
                !$this->isOnBothSides() => 'quadratic.gap.why-same',
                $this->isTwofold() => 'quadratic.gap.why-twofold',
                !$outside->isOne() => 'quadratic.gap.why-outside',
                default => 'quadratic.gap.why',
            }, ['a' => Numeral::of($outside)]),
            lines: [Line::equivalent(
                $this->shape->balanced($this->shape->withTerms($gap()), $gap()),
                new Rewrite(),
            )],
            figure: $this->tiles,
            watch: match (true) {
                !$outside->isOne() => Slip::OuterFactorForgotten,
                default => $this->isOnBothSides() ? Slip::AddedToOneSide : null,
            },
        );
    }

    /** What stands 2 times stands twice. */
    private function isTwofold(): bool
    {
        return $this->shape->outside->equals(Rational::of(2));
    }

    private function halved(): Step
    {
        $half = Numeral::of($this->shape->half);
        $middle = Numeral::of($this->shape->p);
        $halving = new Quotient($middle, Numeral::of(2));
        $squaring = new Power($half, Numeral::of(2));
        $square = Numeral::of($this->shape->square);

        return new Step(
            id: 'half',
            title: Message::of('quadratic.half.title'),
            why: Message::of('quadratic.half.why', ['middle' => $middle]),
            lines: [
                ...($halving->equals($half) ? [] : [Line::side($halving, $half)]),
                Line::side($squaring, new Marked($square, Mark::written())),
            ],
            figure: $this->tiles,
            question: Question::form(
                Message::of('quadratic.half.ask', ['middle' => $middle]),
                new Identity($squaring, $square),
                $square,
            ),
            watch: Slip::HalfNotSquared,
        );
    }

    /** @return non-empty-list<Step> */
    private function filled(): array
    {
        $square = $this->shape->squareWritten();
        $lit = new Marked($square, Mark::written());
        $inside = $this->shape->withTerms($lit);
        $outside = $this->shape->outside;
        $filled = $this->shape->balanced($inside, $lit);
        if ($this->isOnBothSides()) {
            return [new Step(
                id: 'fill',
                title: Message::of('quadratic.fill.title'),
                why: Message::of(match (true) {
                    $outside->isOne() => 'quadratic.fill.why',
                    $this->isTwofold() => 'quadratic.fill.why-twofold',
                    default => 'quadratic.fill.why-outside',
                }, [
                    'square' => $square,
                    'a' => Numeral::of($outside),
                ]),
                lines: [Line::equivalent($filled, new ToBothSides(Operation::Add, $this->shape->times($square)))],
                figure: $this->tiles->filled(),
                question: Question::equation(
                    Message::of('quadratic.fill.ask', ['square' => $square]),
                    $this->shape->open(),
                    $filled,
                ),
            )];
        }
        $taken = $this->shape->times($square);
        $steps = [new Step(
            id: 'fill',
            title: Message::of('quadratic.fill.title-same'),
            why: Message::of(
                $outside->isOne() ? 'quadratic.fill.why-same' : 'quadratic.fill.why-same-outside',
                ['square' => $square, 'a' => Numeral::of($outside), 'taken' => $taken],
            ),
            lines: [Line::equivalent($filled, new Rewrite())],
            figure: $this->tiles->filled(),
        )];
        if ($this->shape->books === SquareBooks::SameSide) {
            $steps[] = new Step(
                id: 'move-square',
                title: Message::of('quadratic.fill.title-move'),
                why: Message::of(
                    $this->task->style->get(Moving::class) === Moving::Across
                        ? 'quadratic.fill.why-move-across'
                        : 'quadratic.fill.why-move',
                    ['taken' => $taken],
                ),
                lines: [Line::equivalent(
                    $this->shape->crossed($inside, $lit),
                    new ToBothSides(Operation::Add, $taken),
                )],
            );
        }

        return $steps;
    }

    /** @return non-empty-list<Step> the perfect square found again, as the house shows it */
    private function found(): array
    {
        return (new PerfectSquare(
            $this->shape->x,
            $this->shape->half,
            fn(Expression $square): Line => Line::equivalent($this->afterFilling($square), new Rewrite()),
            $this->shape->pair(),
        ))->steps($this->task->style->get(SquareShown::class));
    }

    /** The equation with something in place of the filled trinomial. */
    private function afterFilling(Expression $square): Equation
    {
        return $this->shape->books === SquareBooks::Stay
            ? $this->shape->balanced($square, $this->shape->squareWritten())
            : $this->shape->crossed($square, $this->shape->squareWritten());
    }

    /** @return list<Step> where the numbers have stayed beside the square, they cross together */
    private function crossed(): array
    {
        if ($this->shape->books !== SquareBooks::Stay) {
            return [];
        }
        $added = $this->shape->times($this->shape->squareWritten());
        $across = $this->task->style->get(Moving::class) === Moving::Across;

        return [new Step(
            id: 'cross',
            title: Message::of($this->shape->right->isZero()
                ? 'quadratic.fill.title-move'
                : 'quadratic.cross.title'),
            why: Message::of(match (true) {
                $this->shape->right->isZero() && $across => 'quadratic.fill.why-move-across',
                $this->shape->right->isZero() => 'quadratic.fill.why-move',
                $across => 'quadratic.cross.why-across',
                default => 'quadratic.cross.why',
            }, ['taken' => $added]),
            lines: $this->crossing($added, $across),
            watch: $across ? Slip::SignNotTurned : null,
        )];
    }

    /** @return non-empty-list<Line> */
    private function crossing(Expression $added, bool $across): array
    {
        $wanted = $this->shape->crossed($this->squared(), $this->shape->squareWritten());
        $move = new ToBothSides(Operation::Add, $this->shape->plus($added));
        $left = $this->afterFilling($this->squared())->left->terms();
        $added = $this->shape->plus($added)->terms();

        return $across ? [Line::equivalent($wanted, $move)] : [
            Line::equivalent(new Equation(BothSides::struck($left, array_reverse($added)), Sum::of($added)), $move),
            Line::equivalent($wanted, new Rewrite()),
        ];
    }

    /** @return non-empty-list<Step> the right side to one number; what stands in front divided away */
    private function tidied(): array
    {
        $squared = $this->squared();
        $outside = $this->shape->outside;
        $whole = $outside->times($this->shape->square);
        $added = $this->shape->times(Numeral::of($this->shape->square));
        $total = $this->shape->right->plus($whole);
        $lines = [];
        $sum = $this->shape->plus($added);
        if ($this->shape->keepsSquare()) {
            $lines[] = Line::side($this->shape->squareWritten(), Numeral::of($this->shape->square));
        }
        if (!$outside->isOne()) {
            $lines[] = Line::side($added, Numeral::of($whole));
        }
        $common = $this->shape->right->isZero()
            ? []
            : FractionWork::toCommonDenominator([Term::constant($this->shape->right), Term::constant($whole)]);
        if ($common !== []) {
            $last = $common[\count($common) - 1];
            array_push($lines, ...FractionWork::chain($sum, \array_slice($common, 0, -1), $last));
            $sum = $last;
        }
        $right = Numeral::of($total);
        $steps = [];
        if (!$sum->equals($right) || $lines !== []) {
            $steps[] = new Step(
                id: 'tidy',
                title: Message::of('quadratic.tidy.title'),
                why: Message::of($common !== [] ? 'quadratic.tidy.why-fractions' : 'quadratic.tidy.why'),
                lines: [
                    ...$lines,
                    Line::equivalent(new Equation($this->shape->inFront($squared), $right), new Rewrite()),
                ],
                question: Question::form(
                    Message::of('quadratic.tidy.ask'),
                    new Identity($this->shape->plus($added), $right),
                    $right,
                ),
            );
        }
        if (!$outside->isOne()) {
            $steps[] = $this->divided($squared, $right);
        }

        return $steps !== [] ? $steps : [new Step(
            id: 'tidy',
            title: Message::of('quadratic.tidy.title-done'),
            why: Message::of('quadratic.tidy.why-done'),
        )];
    }

    /** What stands in front of the square divided away, written under both sides where that is the habit. */
    private function divided(Expression $squared, Expression $right): Step
    {
        $front = NumberInFront::of($this->shape->outside);
        $move = $front->move();
        $wanted = new Equation($squared, Numeral::of($this->value()));
        $under = new Equation(
            $front->done($this->shape->inFront($squared)),
            $front->done($right),
        );

        return new Step(
            id: 'divide',
            title: $front->title(),
            why: Message::of('quadratic.tidy.why-divide'),
            lines: $this->task->style->get(Moving::class) === Moving::Across
                ? [Line::equivalent($wanted, $move)]
                : [Line::equivalent($under, $move), Line::equivalent($wanted, new Rewrite())],
        );
    }
}
