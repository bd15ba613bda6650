<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Two sides said to be equal. */
final readonly class Equation implements Node
{
    public function __construct(public Expression $left, public Expression $right) {}

    public function children(): array
    {
        return [$this->left, $this->right];
    }

    public function withChildren(array $children): self
    {
        [$left, $right] = Parts::expressions($children, 2);

        return new self($left, $right);
    }

    public function equals(Node $other): bool
    {
        return Same::nodes($this, $other);
    }
}
