<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\LinearEquation;
use Runel\Algebra\Tidying;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\Rule\BracketRule;
use Runel\Slip\Slip;
use Runel\Style\Denominators;
use Runel\Style\HouseStyle;
use Runel\Style\Moving;

/** A linear equation whose sides are cleared of denominators, multiplied out and collected. */
final class TidiedSides
{
    private Equation $reached;

    public function __construct(private readonly LinearEquation $linear, private readonly HouseStyle $style)
    {
        $this->reached = $linear->equation;
    }

    /** @return array{list<Step>, Equation} the steps, and what they come to */
    public function work(): array
    {
        return [[...$this->cleared(), ...$this->expanded(), ...$this->collected()], $this->reached];
    }

    /** @return list<Step> */
    private function cleared(): array
    {
        $by = Rational::one();
        foreach ([$this->reached->left, $this->reached->right] as $side) {
            $own = Tidying::denominator($side);
            $by = $by->times($own)->dividedBy($by->commonDivisor($own));
        }
        if ($by->isOne() || $this->style->get(Denominators::class) === Denominators::Carried) {
            return [];
        }
        $before = $this->reached;
        $number = Numeral::of($by);
        $whole = new Equation(
            Tidying::multiplied($before->left, $by),
            Tidying::multiplied($before->right, $by),
        );
        $isAlone = $this->isFractionAlone($before);
        if ($isAlone) {
            // x over a number alone, or with a number: undone later, as what was done last.
            return [];
        }
        $this->reached = $whole;

        return [new Step(
            id: 'clear',
            title: Message::of('balance.clear.title', ['by' => $number]),
            why: Message::of('balance.clear.why', ['by' => $number]),
            lines: $this->style->get(Moving::class) === Moving::Across
                ? [Line::equivalent($whole, new ToBothSides(Operation::Multiply, $number))]
                : [
                    Line::equivalent(new Equation(
                        Product::apart([$number, $before->left]),
                        Product::apart([$number, $before->right]),
                    ), new ToBothSides(Operation::Multiply, $number)),
                    ...self::eachMultiplied($before, $number),
                    Line::equivalent($whole, new Rewrite()),
                ],
            question: Question::equation(
                Message::of('balance.clear.ask', ['by' => $number]),
                $before,
                $whole,
            ),
            watch: Slip::FractionClearedOneTerm,
        )];
    }

    /** @return list<Line> every term with the number in front, where a side has several */
    private static function eachMultiplied(Equation $before, Expression $number): array
    {
        $each = static fn(Expression $side): Expression => Sum::of(array_map(
            static fn(Expression $term): Expression => $term instanceof Negative
                ? Product::apart([$number, $term->operand])->negated()
                : Product::apart([$number, $term]),
            $side->terms(),
        ));

        return \count($before->left->terms()) + \count($before->right->terms()) === 2
            ? []
            : [Line::equivalent(new Equation($each($before->left), $each($before->right)), new Rewrite())];
    }

    /** Whether the unknown stands once, as x over a number or a fraction of x, and everything else is whole. */
    private function isFractionAlone(Equation $equation): bool
    {
        $left = $this->linear->left;
        $right = $this->linear->right;
        if ($left->letters() === [] || $right->letters() !== []) {
            [$left, $right] = [$right, $left];
        }
        $plain = Tidying::expanded($equation->left)->equals($equation->left)
            && Tidying::expanded($equation->right)->equals($equation->right);

        $terms = [
            ...$equation->left->terms(),
            ...$equation->right->terms(),
        ];
        $once = \count(array_filter(
            $terms,
            static fn(Expression $term): bool => Polynomial::fromExpression($term)->letters() !== [],
        )) === 1;

        return $plain && $once && $right->letters() === [] && !$right->hasFractions()
            && $left->coefficient($this->linear->letter, 0)->isInteger() && $left->degree() === 1;
    }

    /** @return list<Step> */
    private function expanded(): array
    {
        $before = $this->reached;
        $after = new Equation(Tidying::expanded($before->left), Tidying::expanded($before->right));
        if ($after->equals($before)) {
            return [];
        }
        $this->reached = $after;
        $left = Tidying::expandedOneByOne($before->left);
        $lines = array_map(
            static fn(Expression $side): Line => Line::equivalent(new Equation($side, $before->right), new Rewrite()),
            $left,
        );
        $reached = $left[\count($left) - 1] ?? $before->left;
        foreach (Tidying::expandedOneByOne($before->right) as $side) {
            $lines[] = Line::equivalent(new Equation($reached, $side), new Rewrite());
        }

        return [new Step(
            id: 'expand',
            title: Message::of('balance.expand.title'),
            why: Message::of(self::hasMinus($before) ? 'balance.expand.why-minus' : 'balance.expand.why'),
            lines: $lines,
            question: Question::equation(Message::of('balance.expand.ask'), $before, $after),
            watch: match (true) {
                self::canSlip(Slip::MinusNotCarried, $before) => Slip::MinusNotCarried,
                self::canSlip(Slip::FirstTermOnly, $before) => Slip::FirstTermOnly,
                default => null,
            },
        )];
    }

    /** Whether a minus alone stands before a bracket. */
    private static function hasMinus(Equation $equation): bool
    {
        return array_filter(
            [...$equation->left->terms(), ...$equation->right->terms()],
            static fn(Expression $term): bool => $term instanceof Negative && $term->operand instanceof Sum,
        ) !== [];
    }

    /** @return list<Step> */
    private function collected(): array
    {
        $after = new Equation(
            Polynomial::fromExpression($this->reached->left)->toExpression(),
            Polynomial::fromExpression($this->reached->right)->toExpression(),
        );
        $before = $this->reached;
        $count = static fn(Equation $equation): int =>
            \count($equation->left->terms()) + \count($equation->right->terms());
        if ($count($after) === $count($before)) {
            return [];
        }
        $this->reached = $after;

        return [new Step(
            id: 'collect',
            title: Message::of('balance.collect.title'),
            why: Message::of('balance.collect.why'),
            lines: [Line::equivalent($after, new Rewrite())],
            question: Question::equation(Message::of('balance.collect.ask'), $before, $after),
        )];
    }

    /** Whether a slip can be made in an equation. */
    private static function canSlip(Slip $slip, Equation $equation): bool
    {
        foreach ((new BracketRule($slip))->wrong(new LineParts($equation)) as $wrong) {
            return true;
        }

        return false;
    }
}
