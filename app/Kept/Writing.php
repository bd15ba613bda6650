<?php

declare(strict_types=1);

namespace App\Kept;

use Illuminate\Database\Connection;

/**
 * Work on the database that is done whole or not at all. It begins as a write, so that whoever comes second waits for
 * the first: a transaction that only reads at first would fail when it comes to write after somebody else.
 */
final readonly class Writing
{
    public function __construct(private Connection $connection) {}

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    public function whole(\Closure $work): mixed
    {
        $this->connection->beginTransaction();
        try {
            $this->connection->statement('update milestones set name = name where 0');
            $done = $work();
            $this->connection->commit();
        } catch (\Throwable $fault) {
            $this->undo();
            throw $fault;
        }

        return $done;
    }

    /** On a full disk SQLite has taken everything back by itself, and says so when it is asked to. */
    private function undo(): void
    {
        try {
            $this->connection->rollBack();
        } catch (\PDOException) {
            $this->connection->reconnect();
        }
    }
}
