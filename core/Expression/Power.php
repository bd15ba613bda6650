<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A base with an exponent. */
final readonly class Power implements Expression
{
    use Vocabulary;

    public function __construct(public Expression $base, public Expression $exponent) {}

    public function children(): array
    {
        return [$this->base, $this->exponent];
    }

    public function withChildren(array $children): self
    {
        [$base, $exponent] = Parts::expressions($children, 2);

        return new self($base, $exponent);
    }
}
