<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** One pair that was looked at. */
final readonly class PairRow
{
    /** @param int $number its place in the hunt, from 1 */
    public function __construct(public int $number, public int $left, public int $right, public bool $fits) {}

    public function sum(): int
    {
        return $this->left + $this->right;
    }
}
