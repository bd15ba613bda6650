<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\PairRow;
use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\HalfSquared;
use Runel\Style\Leading;
use Runel\Style\Moving;
use Runel\Style\SquareBooks;
use Runel\Working\BothSides;
use Runel\Working\Expansion;
use Runel\Working\FractionWork;

/** A quadratic equation solved by completing the square, every decision a step. */
final readonly class CompletedSquare
{
    private Letter $x;
    private Rational $k;
    private Rational $p;
    private Rational $half;
    private Rational $square;
    /** What stands in front of the bracket while the gap is filled: 1 where the equation is divided by a. */
    private Rational $outside;
    /** The number on the right while the gap is filled. */
    private Rational $right;
    private SquareTilesFigure $tiles;

    public function __construct(private Task $task, private Quadratic $quadratic)
    {
        $this->x = new Letter($quadratic->letter);
        $this->k = $quadratic->c->negated();
        $this->p = $quadratic->b->dividedBy($quadratic->a);
        $this->half = $this->p->dividedBy(Rational::of(2));
        $this->square = $this->half->times($this->half);
        $divides = match ($task->style->get(Leading::class)) {
            Leading::Divide => true,
            Leading::FactorOut => false,
            Leading::Fit => $this->p->isInteger() && $this->k->dividedBy($quadratic->a)->isInteger(),
        };
        $this->outside = $divides ? Rational::one() : $quadratic->a;
        $this->right = $divides ? $this->k->dividedBy($quadratic->a) : $this->k;
        $this->tiles = SquareTilesFigure::open(
            $this->x,
            Numeral::of($this->half->absolute()),
            Numeral::of($this->square),
            Numeral::of($this->p),
            $this->half->isNegative(),
        );
    }

    /** @return array{non-empty-list<Section>, Answer, bool} the sections, the answer, whether a root is left in it */
    public function work(): array
    {
        $value = $this->value();
        $base = Sum::of([$this->x, $this->half->isNegative()
            ? new Negative(Numeral::of($this->half->absolute()))
            : Numeral::of($this->half)]);
        $squared = new Equation(new Power($base, Numeral::of(2)), Numeral::of($value));
        [$steps, $answer, $roots] = (new Rooting(
            $this->quadratic->equation,
            $this->quadratic->letter,
            $base,
            $value,
            $squared,
            $this->task->style,
            $this->quadratic->like(),
        ))->work();

        return [[
            new Section(Phase::Reading, [...$this->gathered(), ...$this->leading()]),
            new Section(Phase::Completing, [$this->gap(), $this->halved(), ...$this->filled(), $this->bracket($base)]),
            new Section(Phase::Tidying, $this->tidied($base, $value)),
            new Section(Phase::Solving, $steps),
        ], $answer, $roots];
    }

    /** What the square comes to: D in (x + h)² = D. */
    public function value(): Rational
    {
        return $this->k->dividedBy($this->quadratic->a)->plus($this->square);
    }

    /** @return non-empty-list<Step> */
    private function gathered(): array
    {
        $given = $this->task->problem->node;
        $steps = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of('quadratic.read.why-square'),
            lines: [Line::given($given)],
        )];
        if ($this->quadratic->turned) {
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('factor.swap.why'),
                lines: [Line::equivalent($this->quadratic->equation, new SwapSides())],
            );
        }
        $letter = $this->quadratic->letter;
        $left = Polynomial::ofCoefficients($letter, [$this->quadratic->a, $this->quadratic->b, Rational::zero()]);
        $wanted = new Equation($left->toExpression(), Numeral::of($this->k));
        if ($this->quadratic->equation->equals($wanted)) {
            return $steps;
        }
        $expansion = [
            ...Expansion::lines($this->quadratic->equation->left),
            ...Expansion::lines($this->quadratic->equation->right),
        ];
        $tidied = new Equation($this->quadratic->left->toExpression(), $this->quadratic->right->toExpression());
        $lines = $expansion;
        if (!$tidied->equals($this->quadratic->equation)) {
            $lines[] = Line::equivalent($tidied, new Rewrite());
        }
        $moved = $this->quadratic->left->minus($left);
        if (!$moved->isZero()) {
            array_push($lines, ...BothSides::taken(
                $this->quadratic->left,
                $this->quadratic->right,
                $moved,
                $wanted,
                $this->task->style->get(Moving::class),
            ));
        } elseif ($lines === [] || !$tidied->equals($wanted)) {
            $lines[] = Line::equivalent($wanted, new Rewrite());
        }
        $across = $this->task->style->get(Moving::class) === Moving::Across;
        $steps[] = new Step(
            id: 'gather',
            title: Message::of('quadratic.gather.title'),
            why: Gathering::why($moved, $this->task->style->get(Moving::class)),
            lines: $lines,
            watch: $across && !$moved->isZero() ? Slip::SignNotTurned : null,
        );

        return $steps;
    }

    /** @return list<Step> */
    private function leading(): array
    {
        $a = $this->quadratic->a;
        if ($a->isOne()) {
            return [];
        }
        $fit = $this->task->style->get(Leading::class) === Leading::Fit;
        $number = Numeral::of($a);
        $letter = $this->quadratic->letter;
        $before = new Equation(
            Polynomial::ofCoefficients($letter, [$a, $this->quadratic->b, Rational::zero()])->toExpression(),
            Numeral::of($this->k),
        );
        $divided = new Equation($this->monic()->toExpression(), Numeral::of($this->right));
        if ($this->outside->isOne()) {
            return [new Step(
                id: 'divide',
                title: Message::of('quadratic.leading.title-divide', ['a' => $number]),
                why: Message::of(
                    $fit ? 'quadratic.leading.why-fits' : 'quadratic.leading.why-divide',
                    ['a' => $number],
                ),
                lines: [Line::equivalent($divided, new ToBothSides(Operation::Divide, $number))],
                question: Question::equation(
                    Message::of('quadratic.leading.ask', ['a' => $number]),
                    $before,
                    $divided,
                ),
                watch: Slip::DividedSomeTerms,
            )];
        }

        return [new Step(
            id: 'factor-out',
            title: Message::of('quadratic.leading.title-out', ['a' => $number]),
            why: Message::of($fit ? 'quadratic.leading.why-fits-not' : 'quadratic.leading.why-out', ['a' => $number]),
            lines: [Line::equivalent(
                new Equation($this->inFront($this->monic()->toExpression()), Numeral::of($this->right)),
                new Rewrite(),
            )],
        )];
    }

    /** What stands 2 times stands twice. */
    private function isTwofold(): bool
    {
        return $this->outside->equals(Rational::of(2));
    }

    private function gap(): Step
    {
        $gap = static fn(): Expression => new Marked(Numeral::of(0), Mark::gap());
        $inside = $this->withTerms($gap());
        $same = $this->task->style->get(SquareBooks::class) === SquareBooks::SameSide;
        $left = $same
            ? Sum::of([$this->inFront($inside), new Negative($this->times($gap()))])
            : $this->inFront($inside);
        $right = $same ? $this->number() : $this->plus($this->number(), $this->times($gap()));

        return new Step(
            id: 'gap',
            title: Message::of($same ? 'quadratic.gap.title-same' : 'quadratic.gap.title'),
            why: Message::of(match (true) {
                $same => 'quadratic.gap.why-same',
                $this->isTwofold() => 'quadratic.gap.why-twofold',
                !$this->outside->isOne() => 'quadratic.gap.why-outside',
                default => 'quadratic.gap.why',
            }, ['a' => Numeral::of($this->outside)]),
            lines: [Line::equivalent(new Equation($left, $right), new Rewrite())],
            figure: $this->tiles,
            watch: match (true) {
                !$this->outside->isOne() => Slip::OuterFactorForgotten,
                default => $same ? null : Slip::AddedToOneSide,
            },
        );
    }

    private function halved(): Step
    {
        $half = Numeral::of($this->half);
        $halving = new Quotient(Numeral::of($this->p), Numeral::of(2));
        $lines = [];
        if (!$halving->equals($half)) {
            $lines[] = Line::side($halving, $half);
        }
        $squaring = new Power($half, Numeral::of(2));
        $square = Numeral::of($this->square);
        $lines[] = Line::side($squaring, new Marked($square, Mark::written()));

        return new Step(
            id: 'half',
            title: Message::of('quadratic.half.title'),
            why: Message::of('quadratic.half.why', ['middle' => Numeral::of($this->p)]),
            lines: $lines,
            figure: $this->tiles,
            question: Question::form(
                Message::of('quadratic.half.ask', ['middle' => Numeral::of($this->p)]),
                new Identity($squaring, $square),
                $square,
            ),
            watch: Slip::HalfNotSquared,
        );
    }

    /** @return non-empty-list<Step> */
    private function filled(): array
    {
        $keep = $this->task->style->get(HalfSquared::class) === HalfSquared::Keep;
        $plain = $this->half->isNegative() ? Numeral::of($this->half->absolute()) : Numeral::of($this->half);
        $square = $keep ? new Power($plain, Numeral::of(2)) : Numeral::of($this->square);
        $lit = new Marked($square, Mark::written());
        $same = $this->task->style->get(SquareBooks::class) === SquareBooks::SameSide;
        $inside = $this->inFront($this->withTerms($lit));
        $both = new Equation($inside, $this->plus($this->number(), $this->times($lit)));
        $before = new Equation($this->inFront($this->monic()->toExpression()), $this->number());
        if (!$same) {
            return [new Step(
                id: 'fill',
                title: Message::of('quadratic.fill.title'),
                why: Message::of(match (true) {
                    $this->outside->isOne() => 'quadratic.fill.why',
                    $this->isTwofold() => 'quadratic.fill.why-twofold',
                    default => 'quadratic.fill.why-outside',
                }, [
                    'square' => $square,
                    'a' => Numeral::of($this->outside),
                ]),
                lines: [Line::equivalent($both, new ToBothSides(Operation::Add, $this->times($square)))],
                figure: $this->tiles->filled(),
                question: Question::equation(
                    Message::of('quadratic.fill.ask', ['square' => $square]),
                    $before,
                    $both,
                ),
            )];
        }

        return [
            new Step(
                id: 'fill',
                title: Message::of('quadratic.fill.title-same'),
                why: Message::of(
                    $this->outside->isOne() ? 'quadratic.fill.why-same' : 'quadratic.fill.why-same-outside',
                    ['square' => $square, 'a' => Numeral::of($this->outside), 'taken' => $this->times($square)],
                ),
                lines: [Line::equivalent(
                    new Equation(Sum::of([$inside, new Negative($this->times($lit))]), $this->number()),
                    new Rewrite(),
                )],
                figure: $this->tiles->filled(),
            ),
            new Step(
                id: 'move-square',
                title: Message::of('quadratic.fill.title-move'),
                why: Message::of(
                    $this->task->style->get(Moving::class) === Moving::Across
                        ? 'quadratic.fill.why-move-across'
                        : 'quadratic.fill.why-move',
                    ['taken' => $this->times($square)],
                ),
                lines: [Line::equivalent($both, new ToBothSides(Operation::Add, $this->times($square)))],
            ),
        ];
    }

    /** The perfect square, by construction: root of the first term, sign of the middle, the half. */
    private function bracket(Expression $base): Step
    {
        $lit = $base instanceof Sum
            ? Sum::of(
                array_map(static fn(Expression $term): Expression => new Marked($term, Mark::written()), $base->terms),
            )
            : $base;
        $keep = $this->task->style->get(HalfSquared::class) === HalfSquared::Keep;
        $plain = Numeral::of($this->half->absolute());
        $square = $keep ? new Power($plain, Numeral::of(2)) : Numeral::of($this->square);
        $trinomial = $this->monic()->plus(Polynomial::constant($this->square))->toExpression();

        return new Step(
            id: 'square',
            title: Message::of('quadratic.square.title'),
            why: Message::of($this->half->isNegative() ? 'quadratic.square.why-minus' : 'quadratic.square.why', [
                'letter' => $this->x,
                'half' => $plain,
            ]),
            lines: [Line::equivalent(new Equation(
                $this->inFront(new Power($lit, Numeral::of(2))),
                $this->plus($this->number(), $this->times($square)),
            ), new Rewrite())],
            question: Question::factoring(
                Message::of('quadratic.square.ask', ['trinomial' => $trinomial]),
                [new Identity($trinomial, new Power($base, Numeral::of(2)))],
            ),
            aside: $this->proof(),
        );
    }

    /** @return non-empty-list<Step> the right side to one number; what stands in front divided away */
    private function tidied(Expression $base, Rational $value): array
    {
        $squared = new Power($base, Numeral::of(2));
        $added = $this->times(Numeral::of($this->square));
        $total = $this->right->plus($this->outside->times($this->square));
        $lines = [];
        $sum = $this->plus($this->number(), $added);
        if ($this->task->style->get(HalfSquared::class) === HalfSquared::Keep) {
            $kept = new Power(Numeral::of($this->half->absolute()), Numeral::of(2));
            $lines[] = Line::side($kept, Numeral::of($this->square));
        }
        if (!$this->outside->isOne()) {
            $lines[] = Line::side($added, Numeral::of($this->outside->times($this->square)));
        }
        $common = FractionWork::overCommonDenominator([
            Term::constant($this->right),
            Term::constant($this->outside->times($this->square)),
        ]);
        if ($common !== null && !$this->right->isZero()) {
            $lines[] = Line::side($sum, $common);
            $sum = $common;
        }
        $right = Numeral::of($total);
        $changes = !$sum->equals($right);
        $steps = [];
        if ($changes || $lines !== []) {
            $steps[] = new Step(
                id: 'tidy',
                title: Message::of('quadratic.tidy.title'),
                why: Message::of($common !== null ? 'quadratic.tidy.why-fractions' : 'quadratic.tidy.why'),
                lines: [
                    ...$lines,
                    Line::equivalent(new Equation($this->inFront($squared), $right), new Rewrite()),
                ],
                question: Question::form(
                    Message::of('quadratic.tidy.ask'),
                    new Identity($this->plus($this->number(), $added), $right),
                    $right,
                ),
            );
        }
        if (!$this->outside->isOne()) {
            $steps[] = new Step(
                id: 'divide',
                title: Message::of('quadratic.leading.title-divide', ['a' => Numeral::of($this->outside)]),
                why: Message::of('quadratic.tidy.why-divide'),
                lines: [Line::equivalent(
                    new Equation($squared, Numeral::of($value)),
                    new ToBothSides(Operation::Divide, Numeral::of($this->outside)),
                )],
            );
        }
        if ($steps === []) {
            $steps[] = new Step(
                id: 'tidy',
                title: Message::of('quadratic.tidy.title-done'),
                why: Message::of('quadratic.tidy.why-done'),
            );
        }

        return $steps;
    }

    /** That it is a square: the half twice has the product and the sum that are wanted. Only where it is whole. */
    private function proof(): ?PairHuntFigure
    {
        $half = $this->half->toInt();

        return $half === null || abs($half) > 1_000_000
            ? null
            : (new PairHuntFigure($half * $half, 2 * $half))->with(new PairRow(1, $half, $half, true));
    }

    private function monic(): Polynomial
    {
        return Polynomial::ofCoefficients($this->quadratic->letter, [Rational::one(), $this->p, Rational::zero()]);
    }

    /** x² + px + something. */
    private function withTerms(Expression $last): Expression
    {
        return BothSides::with($this->monic(), [$last]);
    }

    private function inFront(Expression $inside): Expression
    {
        return $this->outside->isOne() ? $inside : Product::of([Numeral::of($this->outside), $inside]);
    }

    /** As often as it counts on the other side. */
    private function times(Expression $added): Expression
    {
        return $this->outside->isOne() ? $added : Product::apart([Numeral::of($this->outside), $added]);
    }

    private function number(): Expression
    {
        return Numeral::of($this->right);
    }

    private function plus(Expression $number, Expression $added): Expression
    {
        return $this->right->isZero() ? $added : Sum::of([$number, $added]);
    }
}
