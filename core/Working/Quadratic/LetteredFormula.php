<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\PolynomialRoot;
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
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\QuadraticFormula;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;

/** A quadratic equation with letters for its numbers, by the quadratic formula. */
final readonly class LetteredFormula
{
    private Letter $x;
    private Polynomial $discriminant;

    public function __construct(private Task $task, private LetteredQuadratic $quadratic)
    {
        $this->x = new Letter($quadratic->letter);
        $this->discriminant = $quadratic->discriminant();
    }

    /** @return array{non-empty-list<Section>, non-empty-list<Expression>, bool} what is done, what the letter is, and
     * whether a root is left in it */
    public function work(): array
    {
        [$solving, $results, $hasRoot] = $this->solving();

        return [[
            new Section(Phase::Reading, [
                LetteredReading::step($this->task, $this->quadratic, 'quadratic.letters.why-formula'),
                ...LetteredReading::ordered($this->task, $this->quadratic),
                ...$this->zeroed(),
                $this->coefficients(),
            ]),
            ...$this->discriminating(),
            new Section(Phase::Solving, $solving),
        ], $results, $hasRoot];
    }

    /** @return list<Step> all of it on the left */
    private function zeroed(): array
    {
        $right = $this->quadratic->right;
        if ($right->isZero()) {
            return [];
        }
        $taken = LetteredReading::terms($this->quadratic, $right);
        $left = LetteredReading::terms($this->quadratic, $this->quadratic->left);
        [$operand, , $lines] = LetteredReading::taken($left, $taken, $taken, $this->standard(), $this->task);
        $isAcross = $this->task->style->get(Moving::class) === Moving::Across;

        return [new Step(
            id: 'to-zero',
            title: Message::of('quadratic.zero.title'),
            why: Message::of($isAcross ? 'quadratic.zero.why-across' : 'quadratic.zero.why', ['right' => $operand]),
            lines: $lines,
            watch: $isAcross ? Slip::SignNotTurned : Slip::OneSideOnly,
        )];
    }

    private function standard(): Equation
    {
        return new Equation(Sum::of(LetteredReading::terms(
            $this->quadratic,
            $this->quadratic->left->minus($this->quadratic->right),
        )), Numeral::of(0));
    }

    private function coefficients(): Step
    {
        if ($this->written()->equals(FormulaWritten::discriminantOf(
            new Letter('a'),
            new Letter('b'),
            new Letter('c'),
        ))) {
            return new Step(
                id: 'coefficients',
                title: Message::of('quadratic.read.title-coefficients'),
                why: Message::of('quadratic.letters.why-same'),
            );
        }

        return new Step(
            id: 'coefficients',
            title: Message::of('quadratic.read.title-coefficients'),
            why: Message::of('quadratic.letters.why-coefficients', [
                'square' => new Power($this->x, Numeral::of(2)),
                'letter' => $this->x,
                'a' => LetteredReading::plusFirst($this->quadratic->a),
                'b' => LetteredReading::plusFirst($this->quadratic->b),
                'c' => LetteredReading::plusFirst($this->quadratic->c),
            ]),
        );
    }

    /** @return list<Section> b² − 4ac worked out; none where that is how it stands */
    private function discriminating(): array
    {
        $written = $this->written();
        $value = PolynomialRoot::written($this->discriminant);
        $root = $this->root();
        $square = $root->isWhole() && \count($this->discriminant->terms) > 1
            ? [Line::side($value, new Power($root->toExpression(), Numeral::of(2)))]
            : [];

        return $written->equals($value) && $square === [] ? [] : [new Section(Phase::Discriminant, [new Step(
            id: 'discriminant',
            title: Message::of('quadratic.discriminant.title'),
            why: Message::of('quadratic.letters.why-discriminant'),
            lines: [...($written->equals($value) ? [] : [Line::side($written, $value)]), ...$square],
            question: Question::expression(
                Message::of('quadratic.discriminant.ask'),
                new Identity($written, $value),
                $value,
            ),
            watch: Slip::SignOfProduct,
        )], outcome: Message::of('outcome.number', ['value' => $value]))];
    }

    /** b² − 4ac with the coefficients in it. */
    private function written(): Expression
    {
        return FormulaWritten::discriminantOf(
            LetteredReading::plusFirst($this->quadratic->a),
            LetteredReading::plusFirst($this->quadratic->b),
            LetteredReading::plusFirst($this->quadratic->c),
        );
    }

    private function root(): PolynomialRoot
    {
        return PolynomialRoot::of($this->discriminant);
    }

    /** @return array{non-empty-list<Step>, non-empty-list<Expression>, bool} */
    private function solving(): array
    {
        if ($this->discriminant->isZero()) {
            return $this->double();
        }
        $root = $this->root();
        $put = $this->either(
            new Negative(LetteredReading::plusFirst($this->quadratic->b)),
            new Root(PolynomialRoot::written($this->discriminant), 2),
            Product::apart([Numeral::of(2), LetteredReading::plusFirst($this->quadratic->a)]),
        );
        $plain = $this->plain();
        $results = $root->isWhole() ? $this->values($root) : LetteredReading::both(
            $this->quadratic->b->negated(),
            $root->outside,
            $root->inside,
            $this->quadratic->a->scaledBy(Rational::of(2)),
        );
        $end = new Alternatives(array_map(
            fn(Expression $result): Equation => new Equation($this->x, $result),
            $results,
        ));
        $isDone = $plain->equals($end);
        $isPut = $put->equals($end);
        $steps = [new Step(
            id: 'substitute',
            title: Message::of('quadratic.letters.title-substitute'),
            why: Message::of('quadratic.letters.why-substitute', ['formula' => FormulaWritten::general($this->x)]),
            lines: [
                ...($isPut ? [] : [Line::equivalent($put, $this->move())]),
                ...($isDone || $isPut || !$root->isWhole() ? [] : [Line::equivalent($plain, new JoinBranches())]),
                ...($isDone ? [Line::result($end, $isPut ? $this->move() : new JoinBranches())] : []),
            ],
            watch: Slip::StackedFraction,
            reason: Reason::Formula,
        )];
        if (!$isDone) {
            $steps[] = new Step(
                id: 'solutions',
                title: Message::of('solve.solutions.title'),
                why: Message::of($root->isWhole()
                    ? 'quadratic.letters.together.why-each'
                    : 'quadratic.letters.why-reduced'),
                lines: [
                    ...($root->isWhole() ? $this->worked($root, $results) : []),
                    Line::result($end, new JoinBranches()),
                ],
            );
        }

        return [$steps, $results, !$root->isWhole()];
    }

    /**
     * Where nothing stands under the root: both are the same.
     *
     * @return array{non-empty-list<Step>, non-empty-list<Expression>, bool}
     */
    private function double(): array
    {
        $result = AlgebraicFraction::whole($this->quadratic->b->negated())
            ->dividedBy(AlgebraicFraction::whole($this->quadratic->a->scaledBy(Rational::of(2))))
            ->reduced()
            ->toExpression();

        return [[new Step(
            id: 'solutions',
            role: Role::Gathering,
            title: Message::of('solve.solutions.title-double'),
            why: Message::of('quadratic.formula.why-double'),
            lines: [Line::result(new Equation($this->x, $result), $this->move())],
            reason: Reason::Formula,
        )], [$result], false];
    }

    private function move(): QuadraticFormula
    {
        $leading = $this->quadratic->a->toExpression();

        return new QuadraticFormula($leading, $this->quadratic->a->value() === null ? [$leading] : []);
    }

    /** The formula as it was put in, signs resolved and what is below multiplied. */
    private function plain(): Alternatives
    {
        return $this->either(
            LetteredReading::plusFirst($this->quadratic->b->negated()),
            $this->root()->toExpression(),
            LetteredReading::plusFirst($this->quadratic->a->scaledBy(Rational::of(2))),
        );
    }

    /** @return non-empty-list<Expression> with plus and with minus, where no root is left */
    private function values(PolynomialRoot $root): array
    {
        $below = AlgebraicFraction::whole($this->quadratic->a->scaledBy(Rational::of(2)));
        $opposite = $this->quadratic->b->negated();

        return array_map(
            static fn(Polynomial $top): Expression => AlgebraicFraction::whole($top)
                ->dividedBy($below)->reduced()->toExpression(),
            [$opposite->plus($root->outside), $opposite->minus($root->outside)],
        );
    }

    /**
     * @param non-empty-list<Expression> $results
     *
     * @return list<Line> each worked out by itself
     */
    private function worked(PolynomialRoot $root, array $results): array
    {
        $below = LetteredReading::plusFirst($this->quadratic->a->scaledBy(Rational::of(2)));
        $number = LetteredReading::plusFirst($this->quadratic->b->negated());
        $lines = [];
        foreach ([$root->outside, $root->outside->negated()] as $place => $value) {
            $added = $value->toExpression();
            $top = Sum::of([
                ...$number->terms(),
                $added instanceof Sum && $place === 1
                    ? new Negative($root->outside->toExpression())
                    : $added,
            ]);
            $written = $below->isOne() ? $top : new Quotient($top, $below);
            if (!$written->equals($results[$place])) {
                $lines[] = Line::side($written, $results[$place]);
            }
        }

        return $lines;
    }

    private function either(Expression $number, Expression $root, Expression $below): Alternatives
    {
        $terms = $number->isZero() ? [] : $number->terms();

        return new Alternatives(array_map(fn(Expression $one): Equation => new Equation(
            $this->x,
            $below->isOne()
                ? Sum::of([...$terms, $one])
                : new Quotient(Sum::of([...$terms, $one]), $below),
        ), [$root, new Negative($root)]));
    }
}
