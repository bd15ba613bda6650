<?php

declare(strict_types=1);

namespace Runel\Ladder;

/** Chance, handed in: the core has none of its own. */
interface Dice
{
    /** Any whole number from the least to the most, both possible. */
    public function between(int $least, int $most): int;
}
