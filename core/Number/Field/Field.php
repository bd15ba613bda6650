<?php

declare(strict_types=1);

namespace Runel\Number\Field;

use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * A system of numbers in which an expression can be worked out. Expressions do not know it.
 *
 * @template T
 */
interface Field
{
    /** @return T */
    public function number(Rational $value): mixed;

    /**
     * @param non-empty-list<T> $values
     *
     * @return T
     */
    public function sum(array $values): mixed;

    /**
     * @param T $first
     * @param T $second
     *
     * @return T
     */
    public function product(mixed $first, mixed $second): mixed;

    /**
     * @param T $value
     *
     * @return T
     */
    public function opposite(mixed $value): mixed;

    /**
     * @param T $numerator
     * @param T $denominator
     *
     * @return T
     *
     * @throws DivisionByZero when the denominator is 0
     */
    public function quotient(mixed $numerator, mixed $denominator): mixed;

    /**
     * The root with the given index (2 for a square root); of the two square roots the one that is not negative,
     * of a negative number the one with +i.
     *
     * @param T $radicand
     *
     * @return T
     *
     * @throws NoExactValue when the field does not hold it
     */
    public function root(mixed $radicand, int $index): mixed;
}
