<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Batch;
use App\Contract\Markings;
use Illuminate\Console\Command;

/** A person's lines judged at the command line. */
final class MarkCommand extends Command
{
    protected $signature = 'runel:mark {--batch : Read NDJSON requests, write NDJSON markings}';

    protected $description = 'Mark the lines of a learner';

    public function handle(Batch $batch, Markings $markings): int
    {
        if ($this->option('batch') !== true) {
            $this->error('runel:mark reads requests, one a line: php artisan runel:mark --batch < requests.ndjson');

            return self::INVALID;
        }
        $batch->run(\STDIN, \STDOUT, $markings->answer(...));

        return self::SUCCESS;
    }
}
