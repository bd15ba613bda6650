<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A letter standing for a number. */
final readonly class Letter implements Expression
{
    use Vocabulary;

    public function __construct(public string $name) {}

    public function children(): array
    {
        return [];
    }

    public function withChildren(array $children): self
    {
        Parts::expressions($children, 0);

        return $this;
    }
}
