<?php

declare(strict_types=1);

namespace App\Today;

use App\Learners\LearnerRecord;

/** A rung that wobbles for several learners. */
final readonly class Wobble
{
    /** @param non-empty-list<LearnerRecord> $records for whom */
    private function __construct(public string $skill, public int $rung, public array $records) {}

    /** @param list<LearnerRecord> $records */
    public static function ofMost(array $records): ?self
    {
        $found = [];
        foreach ($records as $record) {
            foreach ($record->wobbling() as $rung) {
                $found[$rung->key()] = new self($rung->skill, $rung->rung->number, [
                    ...$found[$rung->key()]->records ?? [],
                    $record,
                ]);
            }
        }
        usort($found, static fn(self $one, self $other): int => \count($other->records) <=> \count($one->records));

        return $found === [] || \count($found[0]->records) < 2 ? null : $found[0];
    }
}
