<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** An equation that says what a power from the third on is, as 2(x − 1)³ + 5 = 59. */
final readonly class PowerEquation
{
    private const HIGHEST = 12;

    /**
     * @param Equation        $equation the power on the left
     * @param bool            $turned   whether the sides were exchanged for that
     * @param Expression      $term     the power with its number in front
     * @param Expression      $base     linear
     * @param Rational        $front    the number in front, with its sign
     * @param Expression|null $beside   a number beside the term
     * @param Rational        $value    what front times the power comes to
     */
    private function __construct(
        public Equation $equation,
        public bool $turned,
        public string $letter,
        public Expression $term,
        public Expression $base,
        public int $index,
        public Rational $front,
        public ?Expression $beside,
        public Rational $value,
    ) {}

    /** Null where the task is no such equation. */
    public static function ofTask(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $node = $task->problem->node;
            $letter = $task->problem->letter();
            if (!$node instanceof Equation || $letter === null) {
                return null;
            }

            return self::read($node, $letter, false)
                ?? self::read(new Equation($node->right, $node->left), $letter, true);
        });
    }

    private static function read(Equation $equation, string $letter, bool $turned): ?self
    {
        $terms = $equation->left->terms();
        $right = $equation->right->number();
        if ($right === null || \count($terms) > 2) {
            return null;
        }
        foreach ($terms as $place => $term) {
            $power = self::power($term);
            $beside = $terms[1 - $place] ?? null;
            $number = $beside?->number();
            if ($power !== null && ($beside === null || $number !== null)) {
                [$base, $index, $front] = $power;

                return new self(
                    $equation,
                    $turned,
                    $letter,
                    $term,
                    $base,
                    $index,
                    $front,
                    $beside,
                    $number === null ? $right : $right->minus($number),
                );
            }
        }

        return null;
    }

    /** @return array{Expression, int, Rational}|null base, exponent and the number in front */
    private static function power(Expression $term): ?array
    {
        if ($term instanceof Negative) {
            $inside = self::power($term->operand);

            return $inside === null ? null : [$inside[0], $inside[1], $inside[2]->negated()];
        }
        if ($term instanceof Quotient && $term->denominator instanceof Numeral && !$term->denominator->isZero()) {
            $inside = self::power($term->numerator);

            return $inside === null ? null : [
                $inside[0],
                $inside[1],
                $inside[2]->dividedBy($term->denominator->value),
            ];
        }
        $factors = $term->factors();
        $last = $factors[\count($factors) - 1];
        $front = \count($factors) === 1 ? Rational::one() : ($factors[0]->number() ?? Rational::zero());
        $index = $last instanceof Power ? $last->exponent->number()?->toInt() : null;
        $isFit = $last instanceof Power && $index !== null && $index > 2 && $index <= self::HIGHEST
            && \count($factors) < 3 && !$front->isZero() && Polynomial::tryFrom($last->base)?->degree() === 1;

        return $isFit ? [$last->base, $index, $front] : null;
    }
}
