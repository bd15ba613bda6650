<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Anything that can stand on a line: an expression, an equation, or alternatives. Immutable. */
interface Node
{
    /** @return list<Node> the parts, in reading order */
    public function children(): array;
}
