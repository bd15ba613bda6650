<?php

declare(strict_types=1);

namespace App\Sets;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Runel\Ladder\Chance;
use Runel\Ladder\Dice;

/** Chance from PHP's own Randomizer: the engine is specified, so the same words throw the same on every machine. */
final class SeededChance implements Chance
{
    public function dice(string $words): Dice
    {
        return new class (new Randomizer(new Xoshiro256StarStar(hash('sha256', $words, true)))) implements Dice {
            public function __construct(private readonly Randomizer $randomizer) {}

            public function between(int $least, int $most): int
            {
                return $this->randomizer->getInt($least, $most);
            }
        };
    }
}
