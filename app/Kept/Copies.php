<?php

declare(strict_types=1);

namespace App\Kept;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\Connection;
use Illuminate\Support\Carbon;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/**
 * Copies of the database which Runel makes by itself, each verified when it is made: before every migration, every
 * import and every fresh start, and once a day while it runs. The oldest go when there are more than are kept. Whoever
 * is deleted leaves the copies, too.
 */
final readonly class Copies
{
    public const DAILY = 'daily';
    /** When a copy is made, as its name says it. */
    public const REASONS = [self::DAILY, 'migration', 'import', 'fresh', 'restore', 'asked'];
    private const NAME = '/^runel-(\d{4}-\d\d-\d\d)-(\d{6})-([a-z]+)(?:-\d+)?\.sqlite$/D';

    public function __construct(private Connection $connection, private Repository $config) {}

    /**
     * @return string|null the name of the copy; null where there is nothing to copy
     *
     * @throws BadRequest when it cannot be made, or is not what was copied
     */
    public function make(string $reason): ?string
    {
        $database = $this->database();
        if ($database === null || !is_file($database) || filesize($database) === 0) {
            return null;
        }
        $folder = $this->folder();
        $name = 'runel-' . Carbon::now()->format('Y-m-d-His') . "-$reason";
        for ($number = 2; is_file("$folder/$name.sqlite"); ++$number) {
            $name = 'runel-' . Carbon::now()->format('Y-m-d-His') . "-$reason-$number";
        }
        $path = "$folder/$name.sqlite";
        try {
            // SQLite's own: one state of it all, whoever writes meanwhile, without what was deleted.
            $this->connection->statement('vacuum into ?', [$path]);
            chmod($path, 0o600);
            $this->verify($path);
        } catch (\PDOException | BadRequest $fault) {
            @unlink($path);
            throw $fault instanceof BadRequest ? $fault : new BadRequest(Message::of('copies.not-made'));
        }
        $this->thin();

        return "$name.sqlite";
    }

    /** The day's copy, where it was not made yet. */
    public function makeDaily(): ?string
    {
        $today = Carbon::now()->toDateString();
        foreach ($this->all() as $copy) {
            if ($copy['reason'] === self::DAILY && str_starts_with($copy['made'], $today)) {
                return null;
            }
        }

        return $this->make(self::DAILY);
    }

    /** @return list<array{name: string, made: string, reason: string, bytes: int}> the latest first */
    public function all(): array
    {
        $copies = [];
        $isHeld = $this->database() === null;
        foreach ($isHeld ? [] : (glob($this->folder() . '/runel-*.sqlite') ?: []) as $path) {
            if (preg_match(self::NAME, basename($path), $match) === 1) {
                $copies[] = [
                    'name' => basename($path),
                    'made' => $match[1] . ' ' . implode(':', str_split($match[2], 2)),
                    'reason' => $match[3],
                    'bytes' => (int) filesize($path),
                ];
            }
        }
        usort($copies, static fn(array $one, array $other): int =>
            [$other['made'], $other['name']] <=> [$one['made'], $one['name']]);

        return $copies;
    }

    /**
     * A copy becomes the database; what was there becomes a copy, whole or damaged as it is.
     *
     * @return string the name under which what was there is kept
     *
     * @throws BadRequest when there is no such copy, or it is damaged; then nothing is changed
     */
    public function restore(string $name): string
    {
        $path = $this->folder() . "/$name";
        if (preg_match(self::NAME, $name) !== 1 || !is_file($path)) {
            throw new BadRequest(Message::of('copies.no-such', ['name' => $name]));
        }
        $this->verify($path);
        $database = $this->database() ?? throw new BadRequest(Message::of('copies.not-made'));
        $aside = 'runel-' . Carbon::now()->format('Y-m-d-His') . '-restore.sqlite';
        $coming = "$database.coming";
        if (!copy($path, $coming)) {
            throw new BadRequest(Message::of('copies.not-made'));
        }
        chmod($coming, 0o600);
        $this->connection->disconnect();
        if (is_file($database)) {
            rename($database, $this->folder() . "/$aside");
        }
        foreach (['-wal', '-shm'] as $end) {
            if (is_file($database . $end)) {
                rename($database . $end, $this->folder() . "/$aside$end");
            }
        }
        rename($coming, $database);

        return $aside;
    }

    /**
     * Takes somebody out of every copy, so that nothing of theirs is left in the files.
     *
     * @return int in how many copies they were
     */
    public function forget(string $learner): int
    {
        $found = 0;
        foreach ($this->all() as $copy) {
            $file = $this->open($this->folder() . "/{$copy['name']}");
            try {
                $file->exec('pragma foreign_keys = on; pragma secure_delete = on');
                $deleted = $file->prepare('delete from learners where id = ?');
                $deleted->execute([$learner]);
                if ($deleted->rowCount() > 0) {
                    ++$found;
                    $file->exec('vacuum');
                }
            } catch (\PDOException) {
                // Older than learners are, or damaged: a damaged copy tells nobody anything and goes.
                $this->isSound($file) ?: unlink($this->folder() . "/{$copy['name']}");
            }
        }

        return $found;
    }

    /** @throws BadRequest when a file is no sound database of Runel's */
    private function verify(string $path): void
    {
        if (!$this->isSound($this->open($path))) {
            throw new BadRequest(Message::of('copies.damaged', ['name' => basename($path)]));
        }
    }

    private function isSound(\PDO $file): bool
    {
        try {
            $first = static fn(string $query): mixed => ($file->query($query) ?: throw new \PDOException($query))
                ->fetchColumn();
            $said = $first('pragma integrity_check');
            $migrations = $first('select count(*) from migrations');

            return $said === 'ok' && is_numeric($migrations) && (int) $migrations > 0;
        } catch (\PDOException) {
            return false;
        }
    }

    private function open(string $path): \PDO
    {
        return new \PDO("sqlite:$path", null, null, [
            \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION,
            \PDO::ATTR_TIMEOUT => 5,
        ]);
    }

    /** The oldest go; of what was put aside by a restore nothing does. */
    private function thin(): void
    {
        $most = $this->config->get('runel.copies');
        $copies = array_filter($this->all(), static fn(array $copy): bool => $copy['reason'] !== 'restore');
        foreach (\array_slice(array_values($copies), max(1, \is_int($most) ? $most : 14)) as $copy) {
            unlink($this->folder() . "/{$copy['name']}");
        }
    }

    private function folder(): string
    {
        $folder = storage_path('copies');
        $database = $this->database();
        // Beside a database that stands somewhere else stand its copies.
        $folder = $database !== null && \dirname($database) !== database_path()
            ? \dirname($database) . '/copies'
            : $folder;
        if (!is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }

        return $folder;
    }

    /** Null where it is held in memory. */
    private function database(): ?string
    {
        $database = $this->connection->getDatabaseName();

        return $database === ':memory:' || $database === '' ? null : $database;
    }
}
