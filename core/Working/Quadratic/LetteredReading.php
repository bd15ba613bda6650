<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\BookShape;
use Runel\Algebra\FactoredPolynomial;
use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\PolynomialRoot;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
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
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Style\Moving;
use Runel\Working\BothSides;

/** A quadratic with letters for numbers as it is written: by the powers of the one it is solved for. */
final class LetteredReading
{
    public static function step(Task $task, LetteredQuadratic $quadratic, string $why): Step
    {
        return new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of($why, ['letter' => new Letter($quadratic->letter)]),
            lines: [Line::given($task->problem->node)],
        );
    }

    /** @return list<Step> each side by the powers of the letter, the square on the left; none where it stands so */
    public static function ordered(Task $task, LetteredQuadratic $quadratic): array
    {
        $given = $task->problem->node;
        $left = Sum::of(self::terms($quadratic, $quadratic->left));
        $right = Sum::of(self::terms($quadratic, $quadratic->right));
        $ordered = $quadratic->turned ? new Equation($right, $left) : new Equation($left, $right);
        $steps = $ordered->equals($given) ? [] : [new Step(
            id: 'standard-form',
            title: Message::of('quadratic.letters.ordered.title', ['letter' => new Letter($quadratic->letter)]),
            why: Message::of('quadratic.letters.ordered.why', ['letter' => new Letter($quadratic->letter)]),
            lines: [Line::equivalent($ordered, new Rewrite())],
        )];

        return $quadratic->turned ? [...$steps, new Step(
            id: 'swap-sides',
            title: Message::of('factor.swap.title'),
            why: Message::of('factor.swap.why'),
            lines: [Line::equivalent(new Equation($left, $right), new SwapSides())],
        )] : $steps;
    }

    /**
     * Terms taken from both sides.
     *
     * @param list<Expression> $left   what stands on the left before
     * @param list<Expression> $right  what stands on the right before
     * @param list<Expression> $taken  one at least
     * @param Equation         $wanted what is left
     *
     * @return array{Expression, bool, non-empty-list<Line>} what is taken, or added where it is one with a minus;
     *                                                       whether it is added; the lines
     */
    public static function taken(
        array $left,
        array $right,
        array $taken,
        Equation $wanted,
        Task $task,
        ?Branch $branch = null,
    ): array {
        $adds = \count($taken) === 1 && $taken[0] instanceof Negative;
        $operand = $adds ? $taken[0]->negated() : Sum::of($taken);
        $move = new ToBothSides($adds ? Operation::Add : Operation::Subtract, $operand);
        $added = array_map(static fn(Expression $term): Expression => $term->negated(), $taken);

        return [$operand, $adds, $task->style->get(Moving::class) === Moving::Across
            ? [Line::equivalent($wanted, $move, $branch)]
            : [
                Line::equivalent(new Equation(
                    BothSides::struck($left, $added),
                    BothSides::struck($right, $added),
                ), $move, $branch),
                Line::equivalent($wanted, new Rewrite(), $branch),
            ]];
    }

    /** @return list<Expression> the terms of a side: those with the square, with the letter, and without */
    public static function terms(LetteredQuadratic $quadratic, Polynomial $side): array
    {
        $x = new Letter($quadratic->letter);

        return [
            ...self::term($quadratic->coefficient($side, 2), new Power($x, Numeral::of(2))),
            ...self::term($quadratic->coefficient($side, 1), $x),
            ...$quadratic->coefficient($side, 0)->expressions(),
        ];
    }

    /** A polynomial as it is written here: what has a plus first, where it begins with a minus. */
    public static function plusFirst(Polynomial $polynomial): Expression
    {
        return BookShape::ordered($polynomial->toExpression());
    }

    /** @return list<Expression> a coefficient times a power of the letter; nothing of 0 */
    public static function term(Polynomial $coefficient, Expression $power): array
    {
        if ($coefficient->isZero()) {
            return [];
        }
        $written = self::plusFirst($coefficient);
        $isMinus = $written instanceof Negative || ($written instanceof Sum && self::isAllMinus($written));
        $size = match (true) {
            !$isMinus => $written,
            $written instanceof Negative => $written->operand,
            default => Sum::of(array_map(
                static fn(Expression $term): Expression => $term->negated(),
                $written->terms(),
            )),
        };
        $term = Product::withFront($size, $power);

        return [$term->signed($isMinus)];
    }

    /**
     * (−b ± m√k)/d, what is common to all of it cancelled.
     *
     * @return non-empty-list<Expression> with plus, with minus
     */
    public static function both(Polynomial $opposite, Polynomial $before, Polynomial $under, Polynomial $below): array
    {
        $denominator = FactoredPolynomial::of($below);
        $common = FactoredPolynomial::of($before)->common($denominator);
        if (!$opposite->isZero()) {
            $common = $common->common(FactoredPolynomial::of($opposite));
        }
        $reduce = static fn(Polynomial $one): Polynomial => $one->isZero()
            ? $one
            : FactoredPolynomial::of($one)->over($common)->polynomial();
        [$opposite, $before, $below] = [$reduce($opposite), $reduce($before), $reduce($below)];
        $root = new Root(PolynomialRoot::written($under), 2);
        $outside = $before->toExpression();
        $root = Product::withFront($outside, $root);
        $number = $opposite->isZero() ? [] : self::plusFirst($opposite)->terms();
        $denominator = $below->toExpression();

        return array_map(static function (Expression $root) use ($number, $denominator): Expression {
            $top = Sum::of([...$number, $root]);

            return $denominator->isOne() ? $top : new Quotient($top, $denominator);
        }, [$root, new Negative($root)]);
    }

    private static function isAllMinus(Sum $sum): bool
    {
        return array_filter($sum->terms, static fn(Expression $term): bool => !$term instanceof Negative) === [];
    }
}
