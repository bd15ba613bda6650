<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Runel\Demonstration\TaskReference;
use Runel\Job\Jobs;
use Runel\Message\Refusal;

/** Problems on the shelf that name no job open in the one they opened in when they were kept. */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('examples')->get(['id', 'task']) as $example) {
            $task = is_string($example->task) ? json_decode($example->task, true) : null;
            if (!is_array($task) || ($task['job'] ?? null) !== null) {
                continue;
            }
            try {
                $reference = TaskReference::fromArray($task);
                $job = Jobs::all()->keptWithout($reference->task());
            } catch (Refusal) {
                continue;
            }
            if ($job !== null) {
                DB::table('examples')->where('id', $example->id)->update([
                    'task' => json_encode($reference->in($job)->toArray(), JSON_THROW_ON_ERROR),
                ]);
            }
        }
    }

    /** That a job is named hurts nobody. */
    public function down(): never
    {
        throw new LogicException('Work that was written does not shrink.');
    }
};
