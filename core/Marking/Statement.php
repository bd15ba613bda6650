<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Expression;
use Runel\Expression\Node;

/** What a line says, read: mathematics, or that nothing or everything solves. */
final readonly class Statement
{
    /**
     * @param Node|null                           $node   null where it says that nothing, or everything, solves
     * @param bool|null                           $all    true: all numbers solve; false: none; null: neither is said
     * @param list<Expression>                    $chain  of a line a = b = c, all parts
     * @param list<array{Expression, Expression}> $links  what is said to be equal on its branches, beside it
     * @param list<Expression>                    $except what does not solve, where all others do
     */
    private function __construct(
        public ?Node $node,
        public ?bool $all,
        public array $chain = [],
        public array $links = [],
        public array $except = [],
    ) {}

    /**
     * The same with all its mathematics rewritten.
     *
     * @param \Closure(Node): Node $rewrite
     */
    public function with(\Closure $rewrite): self
    {
        $chain = [];
        foreach ($this->chain as $part) {
            $rewritten = $rewrite($part);
            $chain[] = $rewritten instanceof Expression ? $rewritten : $part;
        }

        return new self(
            $this->node === null ? null : $rewrite($this->node),
            $this->all,
            $chain,
            $this->links,
            $this->except,
        );
    }

    /** @param list<array{Expression, Expression}> $links */
    public static function of(Node $node, array $links = []): self
    {
        return new self($node, null, links: $links);
    }

    /** @param non-empty-list<Expression> $chain */
    public static function chain(array $chain): self
    {
        return new self($chain[\count($chain) - 1], null, $chain);
    }

    public static function none(): self
    {
        return new self(null, false);
    }

    /** @param list<Expression> $except what is left out */
    public static function all(array $except = []): self
    {
        return new self(null, true, except: $except);
    }
}
