<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Example;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Node;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** The prepared problems. Whatever is wrong with the database, it says so by one exception and nothing else. */
final readonly class Shelf
{
    /** The key of the shelf that holds the tutor's own problems. */
    public const OWN = 'own';
    /** A tutor's own problems stand behind all prepared ones. */
    private const LAST = 10_000;

    public function __construct(private ConnectionInterface $connection, private int $most) {}

    /**
     * @return array<string, list<ShelfProblem>> by the shelf's key
     *
     * @throws ShelfUnavailable
     */
    public function all(HouseStyle $style): array
    {
        return $this->guarded(static function () use ($style): array {
            $shelves = [];
            foreach (Example::query()->orderBy('position')->orderBy('id')->get() as $example) {
                $reference = $example->task;
                $shelves[$example->shelf][] = new ShelfProblem(
                    $example->id,
                    new TaskReference(
                        $reference->problem,
                        $reference->job,
                        $reference->method,
                        $style,
                        $reference->choices,
                        $reference->read,
                    ),
                    self::node($reference),
                    $example->note,
                );
            }

            return $shelves;
        });
    }

    /**
     * A word that is another one after every change.
     *
     * @throws ShelfUnavailable
     */
    public function state(): string
    {
        return $this->guarded(fn(): string => (string) json_encode($this->connection->selectOne(
            'select count(*), total(id), max(id), max(updated_at) from examples',
        )));
    }

    /**
     * Keeps a problem, unless the shelf is full: counted and written in one statement, so that two at once cannot pass
     * it.
     *
     * @return bool whether there was room
     *
     * @throws ShelfUnavailable
     */
    public function keep(TaskReference $reference, string $note): bool
    {
        return $this->guarded(function () use ($reference, $note): bool {
            $now = Carbon::now()->toDateTimeString();

            return $this->connection->affectingStatement(
                'insert into examples (shelf, task, note, position, created_at, updated_at)'
                . ' select ?, ?, ?, ?, ?, ? where (select count(*) from examples) < ?',
                [self::OWN, json_encode(
                    $reference->toBeKept()->toArray(),
                    \JSON_THROW_ON_ERROR,
                ), $note, self::LAST, $now, $now, $this->most],
            ) > 0;
        });
    }

    /**
     * Removes a problem; one that is gone already is no fault.
     *
     * @throws ShelfUnavailable
     */
    public function remove(int $id): void
    {
        $this->guarded(static fn(): mixed => Example::query()->whereKey($id)->delete());
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    private function guarded(\Closure $work): mixed
    {
        try {
            return $work();
        } catch (\Throwable $fault) {
            throw new ShelfUnavailable($fault->getMessage(), 0, $fault);
        }
    }

    /** Null where it cannot be read: it is shown as it was typed. */
    private static function node(TaskReference $reference): ?Node
    {
        try {
            return $reference->problem()->node;
        } catch (Refusal) {
            return null;
        }
    }
}
