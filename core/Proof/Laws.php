<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
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
use Runel\Law\Move\QuadraticFormula;
use Runel\Law\Move\RaiseBothSides;
use Runel\Law\Move\RemainderIs;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\SquareBothSides;
use Runel\Law\Move\Substitute;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\TakeLeftSide;
use Runel\Law\Move\ToBothSides;
use Runel\Law\Move\ZeroProduct;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\NoExactValue;

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
            $move instanceof ZeroProduct => $this->equations->compare($before, $after),
            $move instanceof JoinBranches => $this->joined($before, $after),
            $move instanceof QuadraticFormula => $before instanceof Equation
                ? $this->byFormula($before, $after, $move)
                : Entailment::Undecided,
            $move instanceof RootBothSides => $before instanceof Equation
                ? $this->rooted($before, $after, $move->index)
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
                self::raised($before->left, 2),
                self::raised($before->right, 2),
            ), $after, Entailment::Implies),
            // Real numbers only: there each is the odd power of exactly one.
            $move instanceof RaiseBothSides => $this->sides(
                new Equation(self::raised($before->left, $move->index), self::raised($before->right, $move->index)),
                $after,
                $move->index % 2 === 1 ? Entailment::Equivalent : Entailment::Implies,
            ),
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

    /**
     * In several letters, equations one or the other of which holds are compared by the product of their differences:
     * it is 0 where one of them holds.
     */
    private function joined(Node $before, Node $after): Entailment
    {
        $verdict = $this->equations->compare($before, $after);
        if ($verdict !== Entailment::Undecided || !$before instanceof Alternatives) {
            return $verdict;
        }
        [$own, $other] = [self::differences($before), self::differences($after)];

        return \count($own) === \count($other) && $this->same(Product::of($own), Product::of($other))
            ? Entailment::Equivalent
            : Entailment::Undecided;
    }

    /** The left side minus the right one is the leading coefficient times both differences. */
    private function byFormula(Equation $before, Node $after, QuadraticFormula $move): Entailment
    {
        $differences = self::differences($after);
        // What solves it twice is said once.
        $differences = \count($differences) === 1 ? [...$differences, ...$differences] : $differences;
        $isGiven = array_filter(
            $move->conditions(),
            static fn(Expression $condition): bool => $condition->equals($move->leading),
        ) !== [];
        $number = $this->evaluation->of($move->leading)->toRational();
        if (\count($differences) !== 2 || !($isGiven || $number?->isZero() === false)) {
            return Entailment::Undecided;
        }

        return $this->same(self::differences($before)[0], Product::of([$move->leading, ...$differences]))
            ? Entailment::Equivalent
            : Entailment::Unrelated;
    }

    /** @return list<Expression> left side minus right side, of each equation */
    private static function differences(Node $node): array
    {
        $equations = $node instanceof Alternatives ? $node->equations : ($node instanceof Equation ? [$node] : []);

        return array_map(static fn(Equation $equation): Expression => Sum::of([
            $equation->left,
            new Negative($equation->right),
        ]), $equations);
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

    /**
     * Aⁿ = B and A = ⁿ√B or, where n is even, A = −ⁿ√B; on the way ⁿ√(Aⁿ) = ⁿ√B may be written, where B is a number
     * that is not negative. Of an odd index there is one such real number, and only real ones are meant.
     */
    private function rooted(Equation $before, Node $after, int $index): Entailment
    {
        $under = $after instanceof Equation ? self::underRoots($after, $index) : null;
        if ($under !== null) {
            $number = $this->evaluation->of($before->right)->toRational();
            $isRooted = $number !== null && !$number->isNegative()
                && $this->sides($under, $before, Entailment::Same) === Entailment::Same;

            return $isRooted ? Entailment::Equivalent : Entailment::Unrelated;
        }
        $before = self::underRoots($before, $index) ?? $before;
        $alternatives = $after instanceof Alternatives
            ? $after->equations
            : ($after instanceof Equation ? [$after] : []);
        $rights = [];
        foreach ($alternatives as $equation) {
            $isPower = $this->same(self::raised($equation->left, $index), $before->left)
                && $this->same(self::raised($equation->right, $index), $before->right);
            if (!$isPower || !$this->same($equation->left, $alternatives[0]->left)) {
                return Entailment::Unrelated;
            }
            $rights[] = $equation->right;
        }
        $isZero = fn(Expression $value): bool => $this->same($value, Numeral::of(0));

        return match (true) {
            $index % 2 === 1 => \count($rights) === 1 && self::isReal($rights[0])
                ? Entailment::Equivalent
                : Entailment::Unrelated,
            \count($rights) === 1 => $isZero($before->right) ? Entailment::Equivalent : Entailment::Unrelated,
            \count($rights) === 2 && ($index === 2 || self::isReal($rights[0])) => $isZero(Sum::of($rights))
                ? Entailment::Equivalent
                : Entailment::Unrelated,
            default => Entailment::Unrelated,
        };
    }

    /** Whether a number without letters is real. */
    private static function isReal(Expression $number): bool
    {
        // Letters stand for real numbers: without roots what is made of them is real, and so is every odd root of it.
        if (Indeterminates::of($number) !== []) {
            return ($number instanceof Root && $number->index % 2 === 1) || !Inside::holds($number, Root::class);
        }
        try {
            Evaluation::at(new Floats(), [])->of($number);

            return true;
        } catch (NoExactValue | DivisionByZero) {
            return false;
        }
    }

    /** A = B of ⁿ√A = ⁿ√B; null of any other equation. */
    private static function underRoots(Equation $equation, int $index): ?Equation
    {
        [$left, $right] = [$equation->left, $equation->right];

        return $left instanceof Root && $right instanceof Root && $left->index === $index && $right->index === $index
            ? new Equation($left->radicand, $right->radicand)
            : null;
    }

    private static function raised(Expression $side, int $index): Expression
    {
        return new Power($side, Numeral::of($index));
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
}
