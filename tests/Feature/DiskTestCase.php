<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** A request to the whole application, its database in a folder of its own, as on a machine that serves Runel. */
abstract class DiskTestCase extends FrameworkTestCase
{
    use Visits;

    protected string $folder = '';
    protected string $path = '';

    /** A filled database, made once: a copy of it costs little. */
    private static ?string $filled = null;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/runel-kept-' . bin2hex(random_bytes(6));
        mkdir($this->folder, 0o700);
        $this->path = "$this->folder/runel.sqlite";
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** What an earlier version has left. */
    protected function dumped(string $dump): void
    {
        (new \PDO("sqlite:$this->path"))->exec((string) file_get_contents($dump));
        $this->connect();
    }

    /** What a fresh start puts there. */
    protected function fill(): void
    {
        if (self::$filled === null) {
            touch($this->path);
            $this->connect();
            Artisan::call('migrate', ['--force' => true, '--seed' => true]);
            DB::statement('pragma wal_checkpoint(truncate)');
            self::$filled = (string) file_get_contents($this->path);
        }
        file_put_contents($this->path, self::$filled);
        $this->connect();
    }

    protected function connect(): void
    {
        config([
            'database.connections.sqlite.database' => $this->path,
            'database.connections.sqlite.journal_mode' => 'WAL',
            'database.connections.sqlite.busy_timeout' => 100,
        ]);
        DB::purge('sqlite');
    }
}
