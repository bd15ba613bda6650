<?php

declare(strict_types=1);

namespace App\Pile;

use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** The problems of a pile: pages of the same one share what is worked out about it. */
final class PileTasks
{
    /** So many problems are kept at a time, as a sheet has. */
    private const MOST = 12;

    /** @var array<string, Task> by the problem as it was typed, the one that was asked for last at the end */
    private array $known = [];

    public function __construct(private readonly HouseStyle $style) {}

    /** @throws Refusal where it is no problem */
    public function of(string $problem): Task
    {
        $task = $this->known[$problem] ?? new Task(Problem::read($problem), $this->style);
        unset($this->known[$problem]);
        $this->known = \array_slice($this->known, 1 - self::MOST, null, true) + [$problem => $task];

        return $task;
    }
}
