<?php

declare(strict_types=1);

namespace App\Learners;

use App\Models\Attempt;
use App\Models\Learner;
use App\Models\ReturnWord;
use Illuminate\Support\Carbon;
use Runel\Practice\Attempted;
use Runel\Practice\ComingBack;
use Runel\Practice\Happening;
use Runel\Practice\History;
use Runel\Practice\Ladders;
use Runel\Practice\Rung;
use Runel\Practice\Skill;
use Runel\Practice\Standing;

/** All that is kept of a learner's work, as it stands on a day. */
final readonly class LearnerRecord
{
    /** So many weeks are shown. */
    private const WEEKS = 8;

    /**
     * @param list<Attempt>              $attempts with lines, the latest first
     * @param array<string, RungHistory> $rungs    those that were tried, by their key
     * @param int                        $today    as a number of days
     */
    private function __construct(
        public Learner $learner,
        public array $attempts,
        public array $rungs,
        public int $today,
    ) {}

    public static function of(Learner $learner, Carbon $now): self
    {
        $attempts = array_values(array_filter(
            $learner->attempts->all(),
            static fn(Attempt $attempt): bool => $attempt->typed() !== [],
        ));
        $happenings = [];
        foreach ($attempts as $attempt) {
            $how = self::outcome($attempt);
            if ($attempt->skill !== null && $attempt->rung !== null && $how !== null) {
                $happenings["$attempt->skill.$attempt->rung"][] = Happening::tried(Day::of($attempt->at), $how);
            }
        }
        foreach ($learner->returnWords as $word) {
            $happenings["$word->skill.$word->rung"][] = self::said($word);
        }
        $rungs = [];
        foreach ($happenings as $key => $list) {
            [$skill, $number] = explode('.', $key, 2);
            $rung = self::rung($skill, (int) $number);
            $known = Skill::tryFrom($skill);
            $history = History::of($list);
            if ($rung !== null && $known !== null && $history->last !== null) {
                $rungs[$key] = new RungHistory($known, $rung, $history);
            }
        }

        return new self($learner, $attempts, $rungs, Day::of($now));
    }

    /** How a piece of work went; null where it came to no end, so that it says nothing. */
    public static function outcome(Attempt $attempt): ?Attempted
    {
        return match (true) {
            $attempt->slipIds() !== [] => Attempted::Slipped,
            !$attempt->finished => null,
            $attempt->help > 0 => Attempted::WithHelp,
            default => Attempted::Sound,
        };
    }

    public function standing(Skill $skill, Rung $rung): Standing
    {
        return ($this->rungs["$skill->value.$rung->number"] ?? null)?->history->standing() ?? Standing::New;
    }

    /** @return list<RungHistory> what to come back to today, at most so many as the learner has a day */
    public function due(): array
    {
        $keys = ComingBack::due($this->returning(), $this->today, $this->learner->daily);

        return array_map(fn(string $key): RungHistory => $this->rungs[$key], $keys);
    }

    /** @return list<RungHistory> what comes back later, or waits for room, the soonest first */
    public function later(): array
    {
        $due = array_map(static fn(RungHistory $one): string => $one->key(), $this->due());
        $later = array_diff_key($this->rungs, array_flip($due));
        $later = array_filter($later, static fn(RungHistory $one): bool => $one->history->comesBack !== null);
        uasort($later, static fn(RungHistory $one, RungHistory $other): int =>
            $one->history->comesBack?->due <=> $other->history->comesBack?->due);

        return array_values($later);
    }

    /** @return list<RungHistory> what the tutor has dropped */
    public function dropped(): array
    {
        return array_values(array_filter(
            $this->rungs,
            static fn(RungHistory $one): bool => $one->history->comesBack === null,
        ));
    }

    /** @return list<RungHistory> */
    public function wobbling(): array
    {
        return array_values(array_filter(
            $this->rungs,
            static fn(RungHistory $one): bool => $one->history->standing() === Standing::Wobbles,
        ));
    }

    /** @return list<Skill> those that were tried, in the order in which they are taught */
    public function skills(): array
    {
        $tried = array_map(static fn(RungHistory $one): Skill => $one->skill, array_values($this->rungs));

        return array_values(array_filter(
            Skill::cases(),
            static fn(Skill $skill): bool => \in_array($skill, $tried, true),
        ));
    }

    /**
     * Week by week, the present one last.
     *
     * @return list<array{from: Carbon, pieces: int, slips: array<string, int>}> slips by their id
     */
    public function weeks(): array
    {
        $weeks = [];
        for ($back = self::WEEKS - 1; $back >= 0; --$back) {
            $from = Day::date($this->today)->startOfWeek()->subWeeks($back);
            $weeks[Day::of($from)] = ['from' => $from, 'pieces' => 0, 'slips' => []];
        }
        foreach ($this->attempts as $attempt) {
            $week = Day::of($attempt->at->copy()->startOfWeek());
            if (isset($weeks[$week])) {
                ++$weeks[$week]['pieces'];
                foreach ($attempt->slipIds() as $slip) {
                    $weeks[$week]['slips'][$slip] = ($weeks[$week]['slips'][$slip] ?? 0) + 1;
                }
            }
        }

        return array_values($weeks);
    }

    /** The seed of a day's practice: another every day, the same all day. */
    public function seed(): string
    {
        return (string) (crc32("{$this->learner->id} $this->today") % 1_000_000_000);
    }

    /** @return array<string, ComingBack> by the rung's key */
    private function returning(): array
    {
        return array_filter(array_map(
            static fn(RungHistory $one): ?ComingBack => $one->history->comesBack,
            $this->rungs,
        ));
    }

    private static function said(ReturnWord $word): Happening
    {
        $day = Day::of($word->said_on);

        return $word->due_on === null ? Happening::dropped($day) : Happening::moved($day, Day::of($word->due_on));
    }

    private static function rung(string $skill, int $number): ?Rung
    {
        $known = Skill::tryFrom($skill);

        return $known === null ? null : Ladders::of($known)->rungs()[$number - 1] ?? null;
    }
}
