<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\RealNumber;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\SameTerms;
use Runel\Message\Refusal;
use Runel\Method\Simplifies;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Problem\Problem;

/** Two sides that are simplified, and what both come to. */
final readonly class SimplifiedSides
{
    /**
     * @param Demonstration|null $left    how the left side is simplified; null where it stays as it is
     * @param Demonstration|null $right   and the right one
     * @param Expression         $reached what both are at the end
     */
    private function __construct(
        public Equation $given,
        public ?Demonstration $left,
        public ?Demonstration $right,
        public Expression $reached,
    ) {}

    /** Null where no side can be simplified, or the two do not come to the same. */
    public static function of(Equation $given, Task $task, Simplifies $simplifying): ?self
    {
        [$left, $right] = array_map(
            static fn(Expression $side): ?Demonstration => self::simplified($side, $task, $simplifying),
            [$given->left, $given->right],
        );
        [$first, $second] = [self::end($left) ?? $given->left, self::end($right) ?? $given->right];

        return match (true) {
            $left === null && $right === null => null,
            $first->equals($given->right) => new self($given, $left, null, $first),
            $second->equals($given->left) => new self($given, null, $right, $second),
            !self::isSame($first, $second) => null,
            // What cannot be simplified is where the other one has to come to.
            $right === null => new self($given, $left, null, $given->right),
            $left === null => new self($given, null, $right, $given->left),
            default => new self($given, $left, $right, $first),
        };
    }

    /** What a side has come to when it is simplified. */
    public static function end(?Demonstration $side): ?Expression
    {
        $end = $side?->answer->node();

        return $end instanceof Expression ? $end : null;
    }

    private static function simplified(Expression $side, Task $task, Simplifies $simplifying): ?Demonstration
    {
        try {
            return $simplifying->simplification(new Task(Problem::of($side), $task->style, $task->choices));
        } catch (Refusal) {
            return null;
        }
    }

    /** Whether both have the same value: as numbers, term by term, or as one polynomial over another. */
    private static function isSame(Expression $one, Expression $other): bool
    {
        if (Letters::of($one) === [] && Letters::of($other) === []) {
            $value = RealNumber::of($one);
            $second = RealNumber::of($other);

            return $value !== null && $second !== null && $value->equals($second);
        }
        if (SameTerms::are($one, $other)) {
            return true;
        }
        try {
            [$first, $second] = [AlgebraicFraction::read($one), AlgebraicFraction::read($other)];
        } catch (NotPolynomial | DivisionByZero) {
            return false;
        }

        return $first->top->times($second->bottom->polynomial())
            ->equals($second->top->times($first->bottom->polynomial()));
    }
}
