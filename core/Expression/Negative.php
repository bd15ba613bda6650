<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** The opposite of something; as a term of a sum it is the subtracted term. */
final readonly class Negative implements Expression
{
    public function __construct(public Expression $operand) {}

    public function valueAt(array $values): Rational
    {
        return $this->operand->valueAt($values)->negated();
    }

    public function children(): array
    {
        return [$this->operand];
    }
}
