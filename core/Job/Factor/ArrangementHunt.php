<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Message\Message;

/** What the ways share that hunt for an arrangement of both factor pairs. */
abstract class ArrangementHunt extends FactorMethod
{
    /** Whether the signs are put in after the numbers. */
    abstract protected function isLast(Task $task): bool;

    /** All arrangements in the order in which they are looked at. */
    abstract protected function arrangements(Trinomial $trinomial, Task $task): Arrangements;

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return null;
    }

    protected function brackets(Trinomial $trinomial, Task $task): array
    {
        [[$m, $r], [$n, $s]] = $this->arrangements($trinomial, $task)->rows($trinomial);

        return [$trinomial->linear($m, $r), $trinomial->linear($n, $s)];
    }

    protected function writesSigns(Task $task): bool
    {
        return !$this->isLast($task);
    }

    /** @param list<Section> $sections */
    protected function worked(array $sections, Arrangements $arrangements): Work
    {
        return new Work($sections, $arrangements->looked(), 2 * $arrangements->looked(), Advice::hunt(
            $this->id(),
            $arrangements->count(),
            $arrangements->hit === null ? null : $arrangements->hit + 1,
        ));
    }
}
