<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Kept\Copies;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;
use Runel\Message\Refusal;

/** A verified copy of the database. */
final class CopyCommand extends Command
{
    use Refuses;

    protected $signature = 'runel:copy
        {--daily : Only where today has none yet}
        {--before-migration : Only where there is something to migrate}
        {--before-fresh : The copy that is made before everything begins anew}';

    protected $description = 'Makes a copy of the database and verifies it';

    public function handle(Copies $copies, Migrator $migrator): int
    {
        try {
            $name = match (true) {
                $this->option('daily') === true => $copies->makeDaily(),
                $this->option('before-migration') === true => self::isPending($migrator)
                    ? $copies->make('migration')
                    : null,
                $this->option('before-fresh') === true => $copies->make('fresh'),
                default => $copies->make('asked'),
            };
        } catch (Refusal $refusal) {
            return $this->refuse($refusal->reason);
        }
        if ($name !== null) {
            $this->line((string) __('copies.made', ['name' => $name]));
        }

        return self::SUCCESS;
    }

    private static function isPending(Migrator $migrator): bool
    {
        $files = array_keys($migrator->getMigrationFiles(database_path('migrations')));

        return $migrator->repositoryExists() && array_diff($files, $migrator->getRepository()->getRan()) !== [];
    }
}
