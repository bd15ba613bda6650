<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** One expression over another. */
final readonly class Quotient implements Expression
{
    use Vocabulary;

    public function __construct(public Expression $numerator, public Expression $denominator) {}

    public function children(): array
    {
        return [$this->numerator, $this->denominator];
    }

    public function withChildren(array $children): self
    {
        [$numerator, $denominator] = Parts::expressions($children, 2);

        return new self($numerator, $denominator);
    }

    public function above(): Expression
    {
        return $this->numerator;
    }

    public function below(): Expression
    {
        return $this->denominator;
    }

    public function withAbove(Expression $above): self
    {
        return new self($above, $this->denominator);
    }

    public function number(): ?Rational
    {
        $above = $this->numerator->number();
        $below = $above === null ? null : $this->denominator->number();

        return $above === null || $below === null || $below->isZero() ? null : $above->dividedBy($below);
    }
}
