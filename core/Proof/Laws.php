<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Move\CollectSubject;
use Runel\Law\Move\CompareCoefficients;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Move;
use Runel\Law\Move\Operation;
use Runel\Law\Move\RemainderIs;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\SquareBothSides;
use Runel\Law\Move\Substitute;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\TakeLeftSide;
use Runel\Law\Move\ToBothSides;
use Runel\Law\Move\ZeroProduct;

/** Each move's law: what has to be the same for a line to follow by it. A move without a law proves nothing. */
final readonly class Laws
{
    /** @param Evaluation<RationalFunction> $evaluation in the forms */
    public function __construct(
        private NormalForms $forms,
        private Evaluation $evaluation,
        private Equations $equations,
    ) {}

    public function follows(Node $before, Node $after, Move $move): Entailment
    {
        return match (true) {
            // What the branches have arrived at, said together.
            $move instanceof JoinBranches && $before->equals($after) => Entailment::Equivalent,
            $move instanceof ZeroProduct, $move instanceof JoinBranches => $this->equations->compare($before, $after),
            $move instanceof RootBothSides => $before instanceof Equation
                ? $this->rooted($before, $after)
                : Entailment::Undecided,
            $move instanceof TakeLeftSide => $before instanceof Equation
                && $after instanceof Expression
                && $this->same($before->left, $after) ? Entailment::Same : Entailment::Unrelated,
            $move instanceof CompareCoefficients => $after instanceof Equation
                ? $this->compared($after, $move)
                : Entailment::Undecided,
            $move instanceof RemainderIs => $before instanceof Quotient && $after instanceof Equation
                ? $this->remainder($before, $after, $move)
                : Entailment::Undecided,
            !$before instanceof Equation || !$after instanceof Equation => Entailment::Undecided,
            $move instanceof Rewrite, $move instanceof CollectSubject => $this->sides(
                $before,
                $after,
                Entailment::Same,
            ),
            $move instanceof SwapSides => $this->sides(new Equation(
                $before->right,
                $before->left,
            ), $after, Entailment::Equivalent),
            $move instanceof ToBothSides => $this->toBothSides($before, $after, $move),
            $move instanceof SquareBothSides => $this->sides(new Equation(
                self::squared($before->left),
                self::squared($before->right),
            ), $after, Entailment::Implies),
            $move instanceof Substitute => $this->sides(
                new Equation(
                    Substitution::into($before->left, $move->letter, $move->value),
                    Substitution::into($before->right, $move->letter, $move->value),
                ),
                $after,
                Entailment::Same,
            ),
            default => Entailment::Undecided,
        };
    }

    /** Whether two expressions have the same value, whatever the letters are. */
    public function same(Expression $first, Expression $second): bool
    {
        return $this->forms->areSame($this->evaluation->of($first), $this->evaluation->of($second));
    }

    private function sides(Equation $wanted, Equation $after, Entailment $verdict): Entailment
    {
        return $this->same(
            $wanted->left,
            $after->left,
        ) && $this->same($wanted->right, $after->right) ? $verdict : Entailment::Unrelated;
    }

    private function toBothSides(Equation $before, Equation $after, ToBothSides $move): Entailment
    {
        $done = static fn(Expression $side): Expression => match ($move->operation) {
            Operation::Add => Sum::of([$side, $move->operand]),
            Operation::Subtract => Sum::of([$side, new Negative($move->operand)]),
            Operation::Multiply => Product::of([$side, $move->operand]),
            Operation::Divide => new Quotient($side, $move->operand),
        };
        if ($this->sides(new Equation(
            $done($before->left),
            $done($before->right),
        ), $after, Entailment::Same) !== Entailment::Same) {
            return Entailment::Unrelated;
        }
        if ($move->operation === Operation::Add || $move->operation === Operation::Subtract) {
            return Entailment::Equivalent;
        }
        $number = $this->evaluation->of($move->operand)->toRational();
        if ($number !== null) {
            return $number->isZero() ? Entailment::Unrelated : Entailment::Equivalent;
        }
        // With letters in what is done with, it is either said that this may not be 0, or the solutions show it.
        foreach ($move->conditions() as $condition) {
            if ($condition->equals($move->operand)) {
                return Entailment::Equivalent;
            }
        }

        return $this->equations->compare($before, $after);
    }

    /** A² = B and A = √B or A = −√B; on the way √(A²) = √B may be written, where B is a number that is not negative. */
    private function rooted(Equation $before, Node $after): Entailment
    {
        if ($after instanceof Equation && self::underRoots($after) !== null) {
            $under = self::underRoots($after);
            $number = $this->evaluation->of($before->right)->toRational();
            $isRooted = $number !== null && !$number->isNegative()
                && $this->sides($under, $before, Entailment::Same) === Entailment::Same;

            return $isRooted ? Entailment::Equivalent : Entailment::Unrelated;
        }
        $before = self::underRoots($before) ?? $before;
        $alternatives = $after instanceof Alternatives
            ? $after->equations
            : ($after instanceof Equation ? [$after] : []);
        $rights = [];
        foreach ($alternatives as $equation) {
            $squares = $this->same(
                self::squared($equation->left),
                $before->left,
            ) && $this->same(self::squared($equation->right), $before->right);
            if (!$squares || !$this->same($equation->left, $alternatives[0]->left)) {
                return Entailment::Unrelated;
            }
            $rights[] = $equation->right;
        }

        return match (\count($rights)) {
            1 => $this->same($before->right, Numeral::of(0)) ? Entailment::Equivalent : Entailment::Unrelated,
            2 => $this->same(Sum::of($rights), Numeral::of(0)) ? Entailment::Equivalent : Entailment::Unrelated,
            default => Entailment::Unrelated,
        };
    }

    /** A = B of √A = √B; null of any other equation. */
    private static function underRoots(Equation $equation): ?Equation
    {
        [$left, $right] = [$equation->left, $equation->right];

        return $left instanceof Root && $right instanceof Root && $left->index === 2 && $right->index === 2
            ? new Equation($left->radicand, $right->radicand)
            : null;
    }

    /** Of a divisor that is a multiple of x − r, the dividend's value at r is the remainder. */
    private function remainder(Quotient $before, Equation $after, RemainderIs $move): Entailment
    {
        $at = static fn(Expression $node, Expression $value): Expression => Substitution::into(
            $node,
            $move->letter,
            $value,
        );
        $leading = Sum::of([
            $at($before->denominator, Numeral::of(1)),
            new Negative($at($before->denominator, Numeral::of(0))),
        ]);
        $isLinear = !$this->same($leading, Numeral::of(0)) && $this->same($before->denominator, Product::of([
            $leading,
            Sum::of([new Letter($move->letter), new Negative($move->root)]),
        ]));

        $wanted = new Equation($at($before->numerator, $move->root), $move->remainder);

        return $isLinear ? $this->sides($wanted, $after, Entailment::Implies) : Entailment::Unrelated;
    }

    private function compared(Equation $after, CompareCoefficients $move): Entailment
    {
        $value = $after->left instanceof Letter ? ($move->values[$after->left->name] ?? null) : null;

        return $value !== null && $this->same($value, $after->right) ? Entailment::Implies : Entailment::Unrelated;
    }

    private static function squared(Expression $side): Expression
    {
        return new Power($side, Numeral::of(2));
    }
}
