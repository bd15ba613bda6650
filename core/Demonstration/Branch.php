<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/**
 * A path in the tree of forks that solving makes: 1 is the first way at the first fork, 1.2 the second way at the next.
 */
final readonly class Branch
{
    /** @param non-empty-list<int> $path which way at each fork, from 1 */
    private function __construct(public array $path) {}

    /** The first ways, at a fork of the trunk. */
    public static function way(int $number): self
    {
        return new self([$number]);
    }

    /** A way at the next fork on this one. */
    public function then(int $number): self
    {
        return new self([...$this->path, $number]);
    }

    /** The same path, beginning at the end of another. */
    public function under(self $branch): self
    {
        return new self([...$branch->path, ...$this->path]);
    }

    /** The branch it forks from; null for the trunk. */
    public function parent(): ?self
    {
        $path = \array_slice($this->path, 0, -1);

        return $path === [] ? null : new self($path);
    }

    /** Which way it is at its fork, from 1. */
    public function number(): int
    {
        return $this->path[\count($this->path) - 1];
    }

    /** As in 1.2. */
    public function name(): string
    {
        return implode('.', $this->path);
    }
}
