<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\ProblemSetRecord;
use App\Shelf\ShelfUnavailable;
use App\Values\Given;
use Runel\Demonstration\TaskReference;
use Runel\Style\HouseStyle;

/** The sets that are kept. Whatever is wrong with the database, it says so by one exception and nothing else. */
final readonly class KeptSets
{
    public const MOST = 200;
    private const LONGEST_NAME = 80;

    /**
     * @return list<array{int, string, int}> number, name and how many problems, by name
     *
     * @throws ShelfUnavailable
     */
    public function all(): array
    {
        return self::guarded(static fn(): array => array_values(ProblemSetRecord::query()->orderBy('name')->get()->map(
            static fn(ProblemSetRecord $record): array => [
                $record->id,
                $record->name,
                \count(Given::of($record->tasks)->values),
            ],
        )->all()));
    }

    /**
     * Null where there is none of that number.
     *
     * @throws ShelfUnavailable
     */
    public function find(int $id): ?KeptSet
    {
        $record = self::guarded(static fn(): ?ProblemSetRecord => ProblemSetRecord::query()->find($id));
        if ($record === null) {
            return null;
        }
        $tasks = [];
        foreach (Given::of(['tasks' => $record->tasks])->each('tasks') as $task) {
            $problem = $task->typed('problem');
            if ($problem !== null) {
                $tasks[] = ['problem' => $problem, 'job' => $task->typed('job'), 'method' => $task->typed('method')];
            }
        }

        return new KeptSet($record->name, $record->seed, $tasks);
    }

    /**
     * @param list<SetItem> $items
     *
     * @return int|null the number it is kept under; null where there is no room
     *
     * @throws ShelfUnavailable
     */
    public function keep(string $name, string $seed, array $items): ?int
    {
        return self::guarded(static function () use ($name, $seed, $items): ?int {
            if (ProblemSetRecord::query()->count() >= self::MOST) {
                return null;
            }
            $style = HouseStyle::default();
            $tasks = array_map(
                static fn(SetItem $item): TaskReference => $item->reference($style),
                $items,
            );

            return ProblemSetRecord::query()->create([
                'name' => mb_substr(trim($name), 0, self::LONGEST_NAME),
                'seed' => mb_substr($seed, 0, 9),
                'tasks' => array_map(static fn(TaskReference $task): array => $task->toBeKept()->toArray(), $tasks),
            ])->id;
        });
    }

    /** @throws ShelfUnavailable */
    public function remove(int $id): void
    {
        self::guarded(static fn(): mixed => ProblemSetRecord::query()->whereKey($id)->delete());
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    private static function guarded(\Closure $work): mixed
    {
        try {
            return $work();
        } catch (\Throwable $fault) {
            throw new ShelfUnavailable($fault->getMessage(), 0, $fault);
        }
    }
}
