<?php

declare(strict_types=1);

namespace App\Incidents;

use Psr\Log\LoggerInterface;
use Runel\Audit\Unproved;
use Runel\Demonstration\Task;
use Runel\Method\Incidents;

/** Defects of Runel go to the log, with what led to them; nothing that a learner wrote does. */
final readonly class LoggedIncidents implements Incidents
{
    public function __construct(private LoggerInterface $log) {}

    public function note(\Throwable $fault, Task $task, string $method): void
    {
        try {
            $this->log->error($fault instanceof Unproved ? 'The audit rejected a demonstration.' : 'A method failed.', [
                'problem' => $task->isPersonal ? 'a line that somebody wrote' : $task->problem->source,
                'method' => $method,
                'style' => $task->style->chosen(),
                'choices' => $task->choices,
                'fault' => $fault instanceof Unproved
                    ? \array_slice($fault->faults, 0, 5)
                    : $fault::class . ($task->isPersonal ? '' : ': ' . $fault->getMessage()),
                'at' => basename($fault->getFile()) . ':' . $fault->getLine(),
            ]);
        } catch (\Throwable) {
            // A log that cannot be written, on a full disk say, must not take the page with it.
        }
    }
}
