<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Kept\Archive;
use App\Kept\Copies;
use Illuminate\Console\Command;
use Runel\Message\Refusal;

/** What was exported, back; twice gives no doubles. */
final class ImportCommand extends Command
{
    use Refuses;

    protected $signature = 'runel:import {file : a zip file written by runel:export}';

    protected $description = 'Reads back what runel:export has written, into an empty or a running database';

    public function handle(Archive $archive, Copies $copies): int
    {
        try {
            $copies->make('import');
            $counts = $archive->read($this->argument('file'));
        } catch (Refusal $refusal) {
            return $this->refuse($refusal->reason);
        }
        foreach ($counts as $table => [$came, $here]) {
            $this->line((string) __('kept.came', ['table' => $table, 'came' => $came, 'here' => $here]));
        }

        return self::SUCCESS;
    }
}
