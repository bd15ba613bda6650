<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Several equations of which at least one holds: this or that. */
final readonly class Alternatives implements Node
{
    /**
     * @param list<Equation> $equations at least two
     * @param bool           $apart     whether they stay apart where one sign is all that differs: no ± then
     */
    public function __construct(public array $equations, public bool $apart = false) {}

    public function children(): array
    {
        return $this->equations;
    }

    public function withChildren(array $children): self
    {
        return new self(Parts::of(Equation::class, $children, \count($this->equations)), $this->apart);
    }

    public function equals(Node $other): bool
    {
        return Same::nodes($this, $other);
    }
}
