<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/**
 * One arrangement (mx + r)(nx + s): the outer product ms and the inner product nr have to make the middle
 * term. The numbers carry their signs where signs are decided already.
 */
final readonly class ArrangementRow
{
    /**
     * @param int $number its place in the hunt, from 1
     * @param int $total  what the two cross products make together
     */
    public function __construct(
        public int $number,
        public int $m,
        public int $n,
        public int $r,
        public int $s,
        public int $total,
        public TrialVerdict $verdict,
    ) {}

    public function outer(): int
    {
        return $this->m * $this->s;
    }

    public function inner(): int
    {
        return $this->n * $this->r;
    }
}
