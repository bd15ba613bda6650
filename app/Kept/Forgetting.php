<?php

declare(strict_types=1);

namespace App\Kept;

use App\Models\Learner;
use App\Models\LessonMoment;
use Illuminate\Database\Connection;

/**
 * Takes a learner out of this installation so that nothing of theirs is left in its files: what was written is
 * overwritten, the log of the database is emptied, and they leave the copies and the log of the program. A file the
 * tutor has exported is the tutor's.
 */
final readonly class Forgetting
{
    /** In microseconds, for readers of the database to finish. */
    private const PATIENCE = 50_000;
    private const TRIES = 20;

    public function __construct(private Connection $connection, private Writing $writing, private Copies $copies) {}

    /**
     * What is kept of them, by kind: what deleting will take.
     *
     * @return array<string, int>
     */
    public function counted(Learner $learner): array
    {
        return [
            'attempts' => $learner->attempts()->count(),
            'handings' => $learner->handings()->count(),
            'words' => $learner->returnWords()->count(),
            'groups' => $learner->groups()->count(),
        ];
    }

    /** @return list<LessonMoment> notes of lessons that name them; these stay until the tutor takes them out */
    public function mentions(Learner $learner): array
    {
        $like = '%' . addcslashes($learner->name, '%_\\') . '%';

        return array_values(LessonMoment::query()->where('kind', LessonMoment::NOTE)
            ->whereRaw("text like ? escape '\\'", [$like])->orderBy('at')->get()->all());
    }

    /** @return bool whether the log of the database could be emptied at once; it is later where somebody is reading */
    public function forget(Learner $learner): bool
    {
        $this->connection->statement('pragma secure_delete = on');
        $this->writing->whole(static function () use ($learner): void {
            $learner->attempts()->delete();
            $learner->handings()->delete();
            $learner->returnWords()->delete();
            $learner->groups()->detach();
            $learner->delete();
        });
        $this->copies->forget($learner->id);
        self::clean(storage_path('logs/runel.log'), [$learner->id, $learner->name]);
        for ($try = 0; $try < self::TRIES; ++$try) {
            $said = (array) $this->connection->selectOne('pragma wal_checkpoint(truncate)');
            if (($said['busy'] ?? 0) === 0) {
                return true;
            }
            usleep(self::PATIENCE);
        }

        return false;
    }

    /**
     * Takes the lines out of a log that hold any of these words.
     *
     * @param list<string> $words
     */
    private static function clean(string $log, array $words): void
    {
        $lines = is_file($log) && is_writable($log) ? file($log) : false;
        $kept = array_filter($lines ?: [], static fn(string $line): bool => array_filter(
            $words,
            static fn(string $word): bool => str_contains($line, $word),
        ) === []);
        if ($lines !== false && \count($kept) < \count($lines)) {
            file_put_contents($log, implode('', $kept), \LOCK_EX);
        }
    }
}
