<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** An equation that says what one power is, as 2(x − 1)³ + 5 = 59. */
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

            return self::either($node, $letter, self::highPower(...));
        });
    }

    /** The same of a root whose radicand is linear, or of a power of one: the root is the base. */
    public static function ofRoot(Equation $equation, string $letter): ?self
    {
        return self::either($equation, $letter, self::rootPower(...));
    }

    /** @param \Closure(Expression): (array{Expression, int}|null) $raised base and exponent of what fits */
    private static function either(Equation $equation, string $letter, \Closure $raised): ?self
    {
        return self::read($equation, $letter, false, $raised)
            ?? self::read(new Equation($equation->right, $equation->left), $letter, true, $raised);
    }

    /** @param \Closure(Expression): (array{Expression, int}|null) $raised */
    private static function read(Equation $equation, string $letter, bool $turned, \Closure $raised): ?self
    {
        $terms = $equation->left->terms();
        $right = $equation->right->number();
        if ($right === null || \count($terms) > 2) {
            return null;
        }
        foreach ($terms as $place => $term) {
            $power = self::power($term, $raised);
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

    /**
     * @param \Closure(Expression): (array{Expression, int}|null) $raised
     *
     * @return array{Expression, int, Rational}|null base, exponent and the number in front
     */
    private static function power(Expression $term, \Closure $raised): ?array
    {
        if ($term instanceof Negative) {
            $inside = self::power($term->operand, $raised);

            return $inside === null ? null : [$inside[0], $inside[1], $inside[2]->negated()];
        }
        if ($term instanceof Quotient && $term->denominator instanceof Numeral && !$term->denominator->isZero()) {
            $inside = self::power($term->numerator, $raised);

            return $inside === null ? null : [
                $inside[0],
                $inside[1],
                $inside[2]->dividedBy($term->denominator->value),
            ];
        }
        $factors = $term->factors();
        $last = $factors[\count($factors) - 1];
        $front = \count($factors) === 1 ? Rational::one() : ($factors[0]->number() ?? Rational::zero());
        $fitting = \count($factors) < 3 && !$front->isZero() ? $raised($last) : null;

        return $fitting === null ? null : [...$fitting, $front];
    }

    /** @return array{Expression, int}|null of a power from the third on with a linear base */
    private static function highPower(Expression $power): ?array
    {
        $index = $power->wholeExponent() ?? 0;

        return $index > 2 && $index <= self::HIGHEST && self::isLinear($power->base())
            ? [$power->base(), $index]
            : null;
    }

    /** @return array{Expression, int}|null */
    private static function rootPower(Expression $power): ?array
    {
        $root = $power->base();
        $index = $power->wholeExponent() ?? 0;

        return $root instanceof Root && $index >= 1 && $index <= self::HIGHEST && self::isLinear($root->radicand)
            ? [$root, $index]
            : null;
    }

    private static function isLinear(Expression $base): bool
    {
        return Polynomial::tryFrom($base)?->degree() === 1;
    }
}
