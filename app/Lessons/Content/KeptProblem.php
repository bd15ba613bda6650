<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Values\Given;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Job\Jobs;
use Runel\Message\Refusal;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** The problem of an item, in the style of its lesson. */
final readonly class KeptProblem
{
    private function __construct(public TaskReference $task) {}

    /** @throws Refusal when the problem cannot be read, with its place */
    public static function of(Given $given): self
    {
        $kept = $given->has('task') ? TaskReference::fromArray($given->list('task')) : null;
        $problem = $given->text('problem') !== '' ? $given->text('problem') : $kept->problem ?? '';
        $same = $kept !== null && $kept->problem === $problem;
        $task = new Task($same ? $kept->problem() : Problem::read($problem), HouseStyle::default());
        // It opens in the job it has today, whatever comes later; what was kept without one, in that which it had.
        $today = $same ? Jobs::all()->keptWithout($task) : Jobs::catalogue()->opensIn($task);
        $job = $same ? $kept->job ?? $today : $today;

        return new self(new TaskReference(
            $problem,
            $given->said('job') ?? $job,
            $given->said('method') ?? ($same ? $kept->method : null),
            HouseStyle::default(),
            $kept->choices ?? [],
            $same ? $kept->read : null,
        ));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['task' => $this->task->toBeKept()->toArray()];
    }

    public function typed(): string
    {
        return $this->task->problem;
    }

    public function markdown(): string
    {
        return '`' . str_replace('`', "'", $this->task->problem) . '`';
    }
}
