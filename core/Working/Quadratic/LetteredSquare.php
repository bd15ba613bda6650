<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\BookShape;
use Runel\Algebra\FactoredPolynomial;
use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\PolynomialRoot;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\BothSides;

/**
 * A quadratic equation with letters for its numbers, by completing the square: the steps that numbers take, under the
 * same names. Of ax² + bx + c = 0 it is how the quadratic formula is found.
 */
final readonly class LetteredSquare
{
    private Letter $x;
    private LetteredHalf $parts;
    /** The right side once the square stands alone, and with what completes it. */
    private AlgebraicFraction $right;
    private AlgebraicFraction $total;

    public function __construct(private Task $task, private LetteredQuadratic $quadratic)
    {
        $this->x = new Letter($quadratic->letter);
        $leading = AlgebraicFraction::whole($quadratic->a);
        $this->parts = new LetteredHalf($quadratic);
        $this->right = AlgebraicFraction::whole($quadratic->c)->negated()->dividedBy($leading)->reduced();
        $this->total = $this->right->plus($this->parts->square)->reduced();
    }

    /** @return array{non-empty-list<Section>, non-empty-list<Expression>, bool} what is done, what the letter is, and
     * whether a root is left in it */
    public function work(): array
    {
        [$solving, $results, $hasRoot] = $this->solving();

        return [[
            new Section(Phase::Reading, [
                LetteredReading::step($this->task, $this->quadratic, 'quadratic.letters.why-square'),
                ...LetteredReading::ordered($this->task, $this->quadratic),
                ...$this->gathered(),
                ...$this->divided(),
            ]),
            new Section(Phase::Completing, [
                $this->gap(),
                $this->parts->halved(),
                $this->filled(),
                $this->parts->found(fn(Expression $square): Line => Line::equivalent(new Equation(
                    $square,
                    $this->beside($this->parts->square->toExpression()),
                ), new Rewrite())),
            ]),
            new Section(Phase::Tidying, [$this->tidied()]),
            new Section(Phase::Solving, $solving),
        ], $results, $hasRoot];
    }

    /** @return list<Step> what does not hold the letter on the right */
    private function gathered(): array
    {
        [$left, $right] = [
            LetteredReading::terms($this->quadratic, $this->quadratic->left),
            LetteredReading::terms($this->quadratic, $this->quadratic->right),
        ];
        $wanted = $this->gatheredEquation();
        $taken = [
            ...$this->quadratic->coefficient($this->quadratic->left, 0)->expressions(),
            ...array_values(array_filter(
                LetteredReading::terms($this->quadratic, $this->quadratic->right),
                fn(Expression $term): bool => Letters::holds($term, $this->quadratic->letter),
            )),
        ];
        if ($taken === []) {
            return [];
        }
        [$operand, $adds, $lines] = LetteredReading::taken($left, $right, $taken, $wanted, $this->task);
        $isAcross = $this->task->style->get(Moving::class) === Moving::Across;

        return [new Step(
            id: 'gather',
            title: Message::of('quadratic.letters.gather.title', ['letter' => $this->x]),
            why: Message::of(match (true) {
                $isAcross => 'quadratic.letters.gather.why-across',
                $adds => 'quadratic.letters.gather.why-add',
                default => 'quadratic.letters.gather.why',
            }, ['letter' => $this->x, 'terms' => $operand]),
            lines: $lines,
            watch: $isAcross ? Slip::SignNotTurned : Slip::OneSideOnly,
        )];
    }

    /** ax² + bx = −c. */
    private function gatheredEquation(): Equation
    {
        return new Equation(
            Sum::of([
                ...LetteredReading::term($this->quadratic->a, $this->parts->power()),
                ...LetteredReading::term($this->quadratic->b, $this->x),
            ]),
            AlgebraicFraction::whole($this->quadratic->c)->negated()->toExpression(),
        );
    }

    /** @return list<Step> */
    private function divided(): array
    {
        $a = $this->quadratic->a;
        if ($a->value()?->isOne() === true) {
            return [];
        }
        $by = $a->toExpression();
        $number = $a->value() !== null;
        $move = new ToBothSides(Operation::Divide, $by, $number ? [] : [$by]);
        $before = $this->gatheredEquation();
        $after = new Equation(Sum::of([...$this->parts->terms()]), $this->right->toExpression());
        $under = static fn(Expression $side): Expression => Sum::of(array_map(
            static fn(Expression $term): Expression => $term instanceof Negative
                ? new Negative(new Quotient($term->operand, $by))
                : new Quotient($term, $by),
            $side->terms(),
        ));
        $isAcross = $this->task->style->get(Moving::class) === Moving::Across;

        return [new Step(
            id: 'divide',
            title: Message::of('quadratic.leading.title-divide', ['a' => $by]),
            why: Message::of(
                $number ? 'quadratic.leading.why-divide' : 'quadratic.letters.why-divide',
                ['a' => $by],
            ),
            lines: $isAcross ? [Line::equivalent($after, $move)] : [
                Line::equivalent(new Equation(
                    $under($before->left),
                    $before->right->isZero() ? $before->right : $under($before->right),
                ), $move),
                Line::equivalent($after, new Rewrite()),
            ],
            watch: Slip::DividedSomeTerms,
        )];
    }

    private function gap(): Step
    {
        $gap = static fn(): Expression => new Marked(Numeral::of(0), Mark::gap());

        return new Step(
            id: 'gap',
            title: Message::of('quadratic.gap.title'),
            why: Message::of('quadratic.gap.why'),
            lines: [Line::equivalent($this->balanced($gap(), $gap()), new Rewrite())],
            watch: Slip::AddedToOneSide,
        );
    }

    private function filled(): Step
    {
        $square = $this->parts->square->toExpression();
        $lit = new Marked($square, Mark::written());

        return new Step(
            id: 'fill',
            title: Message::of('quadratic.fill.title'),
            why: Message::of('quadratic.fill.why', ['square' => $square]),
            lines: [Line::equivalent($this->balanced($lit, $lit), new ToBothSides(Operation::Add, $square))],
        );
    }

    private function tidied(): Step
    {
        $sum = $this->beside($this->parts->square->toExpression());
        $total = $this->total->toExpression();
        if ($sum->equals($total)) {
            return new Step(
                id: 'tidy',
                title: Message::of('quadratic.letters.tidy.title-done'),
                why: Message::of('quadratic.letters.tidy.why-done'),
            );
        }
        $common = $this->right->bottom->multiple($this->parts->square->bottom);
        $raised = Sum::of(array_map(
            static fn(AlgebraicFraction $one): Expression => BookShape::written(
                $one->top->times($common->over($one->bottom)->polynomial()),
                $common,
            ),
            $this->plusFirst(),
        ));
        $isFraction = !$common->isOne();
        $isCollected = \count($total->terms()) === \count($sum->terms());

        return new Step(
            id: 'tidy',
            title: Message::of('quadratic.letters.tidy.title'),
            why: Message::of(match (true) {
                $isFraction => 'quadratic.tidy.why-fractions',
                $isCollected => 'quadratic.letters.tidy.why-ordered',
                default => 'quadratic.letters.tidy.why',
            }),
            lines: [
                ...($isFraction && !$raised->equals($sum) && !$this->right->top->isZero()
                    ? [Line::side($sum, $raised)]
                    : []),
                Line::equivalent(new Equation(new Power($this->parts->base(), Numeral::of(2)), $total), new Rewrite()),
            ],
            question: $isCollected ? null : Question::expression(
                Message::of('quadratic.letters.tidy.ask'),
                new Identity($sum, $total),
                $total,
            ),
        );
    }

    /** @return list<AlgebraicFraction> the parts of the right side, one with a plus first */
    private function plusFirst(): array
    {
        return $this->right->toExpression() instanceof Negative
            ? [$this->parts->square, $this->right]
            : [$this->right, $this->parts->square];
    }

    /** @return array{non-empty-list<Step>, non-empty-list<Expression>, bool} */
    private function solving(): array
    {
        if ($this->total->top->isZero()) {
            return $this->double();
        }
        $under = new Root($this->total->bottom->isOne()
            ? PolynomialRoot::written($this->total->top)
            : $this->total->toExpression(), 2);
        $top = PolynomialRoot::of($this->total->top);
        $bottom = PolynomialRoot::of($this->total->bottom->polynomial());
        if (!$bottom->isWhole()) {
            // Above and below times what is left below: then the root below comes out.
            $top = PolynomialRoot::of($this->total->top->times($bottom->inside));
            $bottom = PolynomialRoot::of($this->total->bottom->polynomial()->times($bottom->inside));
        }
        $below = $bottom->outside->toExpression();
        $root = $below->isOne() ? $top->toExpression() : new Quotient($top->toExpression(), $below);
        $steps = [new Step(
            id: 'both-roots',
            title: Message::of('quadratic.roots.title'),
            why: Message::of('quadratic.letters.why-roots'),
            lines: [Line::equivalent($this->either($this->parts->base(), $under), new RootBothSides())],
            watch: Slip::PlusMinusForgotten,
        )];
        if (!$root->equals($under)) {
            $steps[] = new Step(
                id: 'simplify-root',
                title: Message::of('quadratic.simplify.title'),
                why: Message::of(match (true) {
                    $top->isWhole() && $below->isOne() => 'quadratic.letters.why-comes-out',
                    $below->isOne() => 'quadratic.simplify.why-square',
                    default => 'quadratic.letters.why-root-below',
                }, $below->isOne() ? [] : ['below' => $below]),
                lines: [Line::equivalent($this->either($this->parts->base(), $root), new JoinBranches())],
            );
        }
        [$alone, $results] = $this->alone($root, $top, $bottom);

        return [[...$steps, ...$alone], $results, !$top->isWhole()];
    }

    /** @return array{non-empty-list<Step>, non-empty-list<Expression>, false} the square is 0 */
    private function double(): array
    {
        $result = $this->parts->half->negated()->toExpression();

        return [[
            new Step(
                id: 'both-roots',
                title: Message::of('quadratic.roots.title-zero'),
                why: Message::of('quadratic.roots.why-zero'),
                lines: [Line::equivalent(new Equation($this->parts->base(), Numeral::of(0)), new RootBothSides())],
            ),
            new Step(
                id: 'alone',
                title: Message::of('quadratic.alone.title', ['letter' => $this->x]),
                why: Message::of('quadratic.alone.why-double'),
                lines: [Line::result(new Equation($this->x, $result), new ToBothSides(
                    Operation::Subtract,
                    $this->parts->half->toExpression(),
                ))],
            ),
        ], [$result], false];
    }

    /** @return array{non-empty-list<Step>, non-empty-list<Expression>} */
    private function alone(Expression $root, PolynomialRoot $top, PolynomialRoot $bottom): array
    {
        $half = $this->parts->half->toExpression();
        $opposite = $half->negated();
        $isAdded = $half instanceof Negative;
        $lines = [];
        if ($this->task->style->get(Moving::class) === Moving::BothSides) {
            $lines[] = Line::equivalent(new Alternatives(array_map(
                fn(Expression $side): Equation => new Equation(
                    BothSides::struck([$this->x, $half], [$opposite]),
                    BothSides::struck([$side], [$opposite]),
                ),
                [$root, new Negative($root)],
            )), new JoinBranches());
        }
        $apart = $this->either($this->x, $root, $opposite);
        [$results, $worked] = $this->results($top, $bottom);
        $end = new Alternatives(array_map(
            fn(Expression $result): Equation => new Equation($this->x, $result),
            $results,
        ));
        $isDone = $end->equals($apart);
        $lines[] = $isDone ? Line::result($apart, new JoinBranches()) : Line::equivalent($apart, new JoinBranches());
        $steps = [new Step(
            id: 'alone',
            title: Message::of('quadratic.alone.title', ['letter' => $this->x]),
            why: Message::of(match (true) {
                $this->task->style->get(Moving::class) === Moving::Across => 'quadratic.letters.alone.why-across',
                $isAdded => 'quadratic.alone.why-added',
                default => 'quadratic.alone.why-subtracted',
            }, $this->task->style->get(Moving::class) === Moving::Across
                ? ['half' => $half, 'turned' => $opposite]
                : ['size' => $isAdded ? $opposite : $half]),
            lines: $lines,
        )];
        if (!$isDone) {
            $steps[] = new Step(
                id: 'solutions',
                title: Message::of($top->isWhole() ? 'solve.solutions.title' : 'quadratic.letters.together.title'),
                why: Message::of($top->isWhole()
                    ? 'quadratic.letters.together.why-each'
                    : 'quadratic.letters.together.why'),
                lines: [...$worked, Line::result($end, new JoinBranches())],
            );
        }

        return [$steps, $results];
    }

    /** @return array{non-empty-list<Expression>, list<Line>} what the letter is, and what is worked out beside it */
    private function results(PolynomialRoot $top, PolynomialRoot $bottom): array
    {
        $opposite = $this->parts->half->negated();
        $root = AlgebraicFraction::of($top->outside, FactoredPolynomial::of($bottom->outside));
        if ($top->isWhole()) {
            $results = [];
            $lines = [];
            foreach ([$root, $root->negated()] as $value) {
                $sum = Sum::of([$opposite->toExpression(), $value->reduced()->toExpression()]);
                $results[] = $result = $opposite->plus($value)->reduced()->toExpression();
                $lines = $sum->equals($result) ? $lines : [...$lines, Line::side($sum, $result)];
            }

            return [$results, $lines];
        }
        $common = $opposite->bottom->multiple(FactoredPolynomial::of($bottom->outside));

        return [LetteredReading::both(
            $opposite->top->times($common->over($opposite->bottom)->polynomial()),
            $top->outside->times($common->over(FactoredPolynomial::of($bottom->outside))->polynomial()),
            $top->inside,
            $common->polynomial(),
        ), []];
    }

    private function either(Expression $left, Expression $root, ?Expression $before = null): Alternatives
    {
        $beside = static fn(Expression $own): Expression => $before === null
            ? $own
            : Sum::of([...$before->terms(), $own]);

        return new Alternatives([
            new Equation($left, $beside($root)),
            new Equation($left, $beside(new Negative($root))),
        ]);
    }

    /** x² + px + □ = q + □. */
    private function balanced(Expression $left, Expression $right): Equation
    {
        return new Equation(
            Sum::of([...$this->parts->terms(), $left]),
            $this->beside($right),
        );
    }

    /** The right side with the square beside it. */
    private function beside(Expression $square): Expression
    {
        $right = $this->right->toExpression();

        return Sum::of([...($right->isZero() ? [] : $right->terms()), $square]);
    }
}
