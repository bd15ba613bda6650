<?php

declare(strict_types=1);

namespace Runel\Expression;

/** The opposite of something; as a term of a sum it is the subtracted term. */
final readonly class Negative implements Expression
{
    public function __construct(public Expression $operand) {}

    public function children(): array
    {
        return [$this->operand];
    }

    public function withChildren(array $children): self
    {
        [$operand] = Parts::expressions($children, 1);

        return new self($operand);
    }
}
