<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Law\Move\Move;
use Runel\Message\Message;

/** One line of work and how it follows. Where solving forks, a line carries its branch. */
final readonly class Line
{
    /**
     * @param Move|null    $move     by what it follows; left out, its value or its solutions have to show it
     * @param Message|null $rejected why what it says is no solution after all
     */
    private function __construct(
        public Node $node,
        public Link $link,
        public ?Move $move = null,
        public ?Branch $branch = null,
        public ?Message $rejected = null,
    ) {}

    public static function given(Node $node): self
    {
        return new self($node, Link::Given);
    }

    public static function equal(Expression $expression, ?Move $move = null): self
    {
        return new self($expression, Link::Equal, $move);
    }

    public static function equivalent(Node $node, ?Move $move = null, ?Branch $branch = null): self
    {
        return new self($node, Link::Equivalent, $move, $branch);
    }

    public static function implies(Node $node, Move $move, ?Branch $branch = null): self
    {
        return new self($node, Link::Implies, $move, $branch);
    }

    /** Side work that is true by itself. */
    public static function side(Expression $left, Expression $right): self
    {
        return new self(new Equation($left, $right), Link::Side);
    }

    public static function result(Node $node, ?Move $move = null, ?Branch $branch = null): self
    {
        return new self($node, Link::Result, $move, $branch);
    }

    /** The same with both sides exchanged, as it is written where the unknown stays on the right. */
    public function turned(): self
    {
        return $this->node instanceof Equation ? new self(
            new Equation($this->node->right, $this->node->left),
            $this->link,
            $this->move,
            $this->branch,
            $this->rejected,
        ) : $this;
    }

    /** The same line, what it says being no solution. */
    public function reject(Message $reason): self
    {
        return new self($this->node, $this->link, $this->move, $this->branch, $reason);
    }

    /** The same line, written otherwise. */
    public function saying(Node $node): self
    {
        return new self($node, $this->link, $this->move, $this->branch, $this->rejected);
    }

    /** The same line on a branch, the branches it has being ways of that one. */
    public function under(?Branch $branch): self
    {
        return $branch === null ? $this : new self(
            $this->node,
            $this->link,
            $this->move,
            $this->branch === null ? $branch : $this->branch->under($branch),
            $this->rejected,
        );
    }

    /** The same line as one on the way: a result of a part is none of the whole. */
    public function onTheWay(): self
    {
        return $this->link !== Link::Result ? $this : new self(
            $this->node,
            $this->node instanceof Expression ? Link::Equal : Link::Equivalent,
            $this->move,
            $this->branch,
            $this->rejected,
        );
    }
}
