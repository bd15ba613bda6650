<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;

/** An equation in one letter that stands below a line somewhere, term by term as fractions. */
final readonly class FractionEquation
{
    /**
     * @param list<array{Expression, AlgebraicFraction}> $left  its terms as they stand, each with what it is
     * @param list<array{Expression, AlgebraicFraction}> $right
     */
    private function __construct(
        public Equation $equation,
        public string $letter,
        public array $left,
        public array $right,
    ) {}

    /** Null where the task is no such equation. */
    public static function ofTask(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $node = $task->problem->node;
            $letter = $task->problem->letter();
            if (!$node instanceof Equation || $letter === null || $task->problem->polynomial !== null) {
                return null;
            }
            try {
                $self = new self($node, $letter, self::terms($node->left), self::terms($node->right));
            } catch (NotPolynomial | DivisionByZero | Refusal) {
                return null;
            }

            return $self->denominator()->isNumber() ? null : $self;
        });
    }

    /** The least common denominator. */
    public function denominator(): FactoredPolynomial
    {
        $common = FactoredPolynomial::one();
        foreach ([...$this->left, ...$this->right] as [, $fraction]) {
            $common = $common->multiple($fraction->bottom);
        }

        return $common;
    }

    /** @return list<array{Expression, AlgebraicFraction}> */
    private static function terms(Expression $side): array
    {
        return array_map(
            static fn(Expression $term): array => [$term, AlgebraicFraction::read($term)],
            $side->terms(),
        );
    }
}
