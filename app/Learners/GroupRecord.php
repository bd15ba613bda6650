<?php

declare(strict_types=1);

namespace App\Learners;

use App\Models\LearnerGroup;
use Illuminate\Support\Carbon;
use Runel\Job\Jobs;
use Runel\Ladder\Rung;
use Runel\Practice\Standing;
use Runel\Slip\Slip;

/** What a group has come to: who needs what, the commonest slips, what to teach next. */
final readonly class GroupRecord
{
    /** Slips older than so many days no longer count as common. */
    private const DAYS = 42;

    /** @param list<LearnerRecord> $records by the learners' names */
    private function __construct(public LearnerGroup $group, public array $records) {}

    public static function of(LearnerGroup $group, Carbon $now): self
    {
        return new self($group, array_values(LearnerRecord::all($group->learners->all(), $now)));
    }

    /**
     * Of the last six weeks, the commonest first.
     *
     * @return list<array{slip: Slip, times: int, learners: list<string>}>
     */
    public function slips(): array
    {
        $times = [];
        $learners = [];
        foreach ($this->records as $record) {
            foreach ($record->work() as $one) {
                if ($one->day < $record->today - self::DAYS) {
                    continue;
                }
                foreach ($one->slips as $slip) {
                    $times[$slip] = ($times[$slip] ?? 0) + 1;
                    $learners[$slip][$record->learner->name] = true;
                }
            }
        }
        arsort($times);
        $slips = [];
        foreach ($times as $id => $count) {
            $slip = Slip::tryFrom($id);
            if ($slip !== null) {
                $slips[] = ['slip' => $slip, 'times' => $count, 'learners' => array_map(
                    strval(...),
                    array_keys($learners[$id]),
                )];
            }
        }

        return $slips;
    }

    /**
     * The rung that wobbles for the most learners, the lower one first; where none wobbles, the next one that is new to
     * the most of those who stand on the one below.
     *
     * @return array{skill: string, rung: Rung, learners: list<string>, wobbles: bool}|null null while there is no work
     */
    public function teachNext(): ?array
    {
        $best = null;
        foreach ([Standing::Wobbles, Standing::New] as $wanted) {
            foreach (Jobs::ladders()->all as $ladder) {
                $below = null;
                foreach ($ladder->rungs() as $rung) {
                    $skill = $ladder->skill();
                    $names = [];
                    foreach ($this->records as $record) {
                        $isNext = $wanted === Standing::Wobbles
                            || ($below !== null && $record->standing($skill, $below) === Standing::Stands);
                        if ($isNext && $record->standing($skill, $rung) === $wanted) {
                            $names[] = $record->learner->name;
                        }
                    }
                    if ($names !== [] && \count($names) > \count($best['learners'] ?? [])) {
                        $best = [
                            'skill' => $skill,
                            'rung' => $rung,
                            'learners' => $names,
                            'wobbles' => $wanted === Standing::Wobbles,
                        ];
                    }
                    $below = $rung;
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }
}
