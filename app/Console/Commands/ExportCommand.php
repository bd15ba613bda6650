<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Kept\Archive;
use Illuminate\Console\Command;
use Runel\Message\Refusal;

/** Everything that is kept, out into one file. */
final class ExportCommand extends Command
{
    use Refuses;

    protected $signature = 'runel:export {file : the zip file to be written}';

    protected $description = 'Writes everything that is kept into one file (JSON lines and CSV in a zip)';

    public function handle(Archive $archive): int
    {
        try {
            $counts = $archive->write($this->argument('file'));
        } catch (Refusal $refusal) {
            return $this->refuse($refusal->reason);
        }
        foreach ($counts as $table => $count) {
            $this->line("$table: $count");
        }

        return self::SUCCESS;
    }
}
