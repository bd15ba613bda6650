<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** One expression over another. */
final readonly class Quotient implements Expression
{
    public function __construct(public Expression $numerator, public Expression $denominator) {}

    public function valueAt(array $values): Rational
    {
        return $this->numerator->valueAt($values)->dividedBy($this->denominator->valueAt($values));
    }

    public function children(): array
    {
        return [$this->numerator, $this->denominator];
    }
}
