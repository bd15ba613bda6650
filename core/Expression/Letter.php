<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A letter standing for a number; π is one of them, and stands for its own number whatever the others are. */
final readonly class Letter implements Expression
{
    use Vocabulary;

    public const PI = 'π';

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
