<?php

declare(strict_types=1);

namespace App\Demonstrations;

use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\NoSuchJob;
use Runel\Problem\Job;

/** Which of a problem's jobs is to be done. */
final class Jobs
{
    /** @throws NoSuchJob when it is none of the problem's */
    public static function chosen(Task $task, ?string $asked): Job
    {
        if ($asked === null) {
            return $task->problem->jobs[0];
        }
        $job = Job::tryFrom($asked) ?? throw new NoSuchJob(Message::of('error.no-such-job', [
            'found' => mb_substr($asked, 0, 40),
        ]));
        if (!\in_array($job, $task->problem->jobs, true)) {
            throw new NoSuchJob(Message::of('error.job-not-here', ['job' => $job->value]));
        }

        return $job;
    }
}
