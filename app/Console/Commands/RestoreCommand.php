<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Kept\Copies;
use Illuminate\Console\Command;
use Runel\Message\Refusal;

/** The copies there are, or one of them back. */
final class RestoreCommand extends Command
{
    use Refuses;

    protected $signature = 'runel:restore {name? : the copy to bring back; without it they are listed}';

    protected $description = 'Lists the copies of the database, or brings one back';

    public function handle(Copies $copies): int
    {
        $name = $this->argument('name');
        if ($name === null) {
            $this->listed($copies);

            return self::SUCCESS;
        }
        try {
            $aside = $copies->restore(basename($name));
        } catch (Refusal $refusal) {
            return $this->refuse($refusal->reason);
        }
        $this->line((string) __('copies.restored', ['name' => basename($name), 'aside' => $aside]));

        return self::SUCCESS;
    }

    private function listed(Copies $copies): void
    {
        foreach ($copies->all() as $copy) {
            $size = intdiv($copy['bytes'], 1000);
            $this->line(sprintf('%s  %8d KB  %-9s  %s', $copy['made'], $size, $copy['reason'], $copy['name']));
        }
        if ($copies->all() === []) {
            $this->line((string) __('copies.none'));
        }
    }
}
