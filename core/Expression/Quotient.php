<?php

declare(strict_types=1);

namespace Runel\Expression;

/** One expression over another. */
final readonly class Quotient implements Expression
{
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
}
