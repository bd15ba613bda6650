<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Anything that can stand on a line: an expression, an equation, or alternatives. Immutable, and rebuildable. */
interface Node
{
    /** @return list<Node> the parts, in reading order */
    public function children(): array;

    /**
     * The same node with other parts.
     *
     * @param list<Node> $children as many as it has, each where its predecessor stood
     *
     * @throws \LogicException when they are not as many, or not of the kind that can stand there
     */
    public function withChildren(array $children): self;

    /** Whether another is written with the same signs in the same order, marks aside. */
    public function equals(Node $other): bool;
}
