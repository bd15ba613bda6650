<?php

declare(strict_types=1);

namespace Runel\Ladder;

/** One rung of a ladder: exactly one difficulty more than the one before. */
final readonly class Rung
{
    /**
     * @param int              $number from 1
     * @param Difficulty|null  $adds   null for the first
     * @param list<Difficulty> $traits all that its problems have, and nothing else
     */
    public function __construct(public int $number, public ?Difficulty $adds, public array $traits) {}

    public function has(Difficulty $difficulty): bool
    {
        return \in_array($difficulty, $this->traits, true);
    }
}
