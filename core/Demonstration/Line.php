<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;

/** One line of work and how it follows. Where solving forks, a line carries its branch ("1", "2"). */
final readonly class Line
{
    private function __construct(public Node $node, public Link $link, public ?string $branch) {}

    public static function given(Node $node): self
    {
        return new self($node, Link::Given, null);
    }

    public static function equal(Expression $expression): self
    {
        return new self($expression, Link::Equal, null);
    }

    public static function equivalent(Node $node, ?string $branch = null): self
    {
        return new self($node, Link::Equivalent, $branch);
    }

    public static function implies(Node $node, ?string $branch = null): self
    {
        return new self($node, Link::Implies, $branch);
    }

    /** Side work that is true by itself. */
    public static function side(Expression $left, Expression $right): self
    {
        return new self(new Equation($left, $right), Link::Side, null);
    }

    public static function result(Node $node, ?string $branch = null): self
    {
        return new self($node, Link::Result, $branch);
    }
}
