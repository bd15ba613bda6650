<?php

declare(strict_types=1);

namespace Runel\Ladder;

/** Where dice come from: the same words give the same throws, on every machine. */
interface Chance
{
    public function dice(string $words): Dice;
}
