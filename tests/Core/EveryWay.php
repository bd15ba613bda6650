<?php

declare(strict_types=1);

namespace Tests\Core;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Message\Refusal;

/** A task demonstrated by every method that applies to it. */
final class EveryWay
{
    /**
     * @param string|null $only a job's id; null for all the problem may mean
     *
     * @return iterable<string, Demonstration> by job and method
     */
    public static function of(Task $task, ?string $only = null): iterable
    {
        foreach ($only === null ? Jobs::all()->ofProblem($task->problem) : [$only] as $job) {
            foreach (Jobs::all()->of($job)->methods() as $method) {
                try {
                    yield "$job.{$method->id()}" => Jobs::catalogue()->demonstrate($task, $job, $method->id());
                } catch (Refusal) {
                    continue;
                }
            }
        }
    }
}
