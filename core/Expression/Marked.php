<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A part that is pointed at. Faces show the mark in their own way; its value is that of what it marks. */
final readonly class Marked implements Expression
{
    use Vocabulary;

    public function __construct(public Expression $content, public Mark $mark) {}

    public function children(): array
    {
        return [$this->content];
    }

    public function withChildren(array $children): self
    {
        [$content] = Parts::expressions($children, 1);

        return new self($content, $this->mark);
    }
}
