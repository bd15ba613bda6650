<?php

declare(strict_types=1);

namespace App\Learners;

use Runel\Ladder\Rung;
use Runel\Practice\History;

/** What one learner has come to on one rung. */
final readonly class RungHistory
{
    public function __construct(public string $skill, public Rung $rung, public History $history) {}

    /** What it is known by: the skill and the number of the rung. */
    public function key(): string
    {
        return "{$this->skill}.{$this->rung->number}";
    }

    /** How many days ago it was tried last; null where it never was. */
    public function daysAgo(int $today): ?int
    {
        return $this->history->lastDay === null ? null : $today - $this->history->lastDay;
    }
}
