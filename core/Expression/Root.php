<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A root: the radicand and the index, 2 for a square root. */
final readonly class Root implements Expression
{
    use Vocabulary;

    public function __construct(public Expression $radicand, public int $index = 2) {}

    public function children(): array
    {
        return [$this->radicand];
    }

    public function withChildren(array $children): self
    {
        [$radicand] = Parts::expressions($children, 1);

        return new self($radicand, $this->index);
    }
}
