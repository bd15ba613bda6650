<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Refuses;
use App\Kept\RowRules;
use Illuminate\Console\Command;
use Illuminate\Database\Connection;
use Runel\Message\Message;

/** Whether the database has the form this program writes. */
final class CheckCommand extends Command
{
    use Refuses;

    protected $signature = 'runel:check {--more-than-demo : Say whether more is kept than the demo data}';

    protected $description = 'Checks that the database is sound and has the form this version writes';

    public function handle(Connection $connection): int
    {
        if ($this->option('more-than-demo') === true) {
            return self::isMore($connection) ? self::SUCCESS : self::FAILURE;
        }
        $schema = $connection->getSchemaBuilder();
        foreach (RowRules::columns() as $table => $columns) {
            $there = $schema->hasTable($table) ? $schema->getColumnListing($table) : [];
            $missing = array_values(array_diff($columns, $there));
            if ($missing !== []) {
                return $this->refuse(Message::of('copies.wrong-form', ['what' => "$table.$missing[0]"]));
            }
        }

        return self::SUCCESS;
    }

    /** Whether somebody has written anything since the demo data were loaded. */
    private static function isMore(Connection $connection): bool
    {
        $schema = $connection->getSchemaBuilder();
        if (!$schema->hasTable('milestones')) {
            return false;
        }
        $loaded = $connection->table('milestones')->max('reached_at');
        foreach ([
            'learners', 'attempts', 'lessons', 'examples', 'problem_sets', 'handings', 'tutors', 'named_styles',
        ] as $table) {
            $isMore = $schema->hasTable($table) && $connection->table($table)
                ->where('updated_at', '>', \is_string($loaded) ? $loaded : '')->exists();
            if ($isMore) {
                return true;
            }
        }

        return false;
    }
}
