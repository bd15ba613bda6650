<?php

declare(strict_types=1);

namespace App\Learners;

use App\Models\Attempt;
use App\Models\Learner;
use App\Models\ReturnWord;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
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
    /** So many weeks are shown, and so many pieces of work. */
    private const WEEKS = 8;
    private const LATEST = 12;

    /**
     * @param list<RecordedWork>         $work    with lines, the latest first
     * @param array<string, RungHistory> $rungs   those that were tried, by their key
     * @param int                        $today   as a number of days
     * @param int                        $damaged how many rows of theirs cannot be read
     */
    private function __construct(
        public Learner $learner,
        public array $work,
        public array $rungs,
        public int $today,
        public int $damaged,
    ) {}

    public static function of(Learner $learner, Carbon $now): self
    {
        return self::all([$learner], $now)[0];
    }

    /**
     * Of many at once, with as many queries as of one.
     *
     * @template K of array-key
     *
     * @param array<K, Learner> $learners
     *
     * @return array<K, self>
     */
    public static function all(array $learners, Carbon $now): array
    {
        $ids = array_values(array_map(static fn(Learner $learner): string => $learner->id, $learners));
        // One by its key, all without: a list of a thousand keys is slower than the whole table.
        $own = static fn(Builder $query): Builder => \count($ids) === 1 ? $query->where('learner_id', $ids[0]) : $query;
        $work = $own(Attempt::query()->toBase())->where('lines', '<>', '[]')->orderByDesc('at')->orderByDesc('id')
            ->get(['learner_id', 'at', 'skill', 'rung', 'outcome', 'counted'])->all();
        $words = $own(ReturnWord::query()->toBase())->orderBy('said_on')->orderBy('id')
            ->get(['learner_id', 'skill', 'rung', 'said_on', 'due_on'])->all();
        [$works, $said] = [self::byLearner($work), self::byLearner($words)];
        $today = Day::of($now);

        return array_map(static fn(Learner $learner): self => self::from(
            $learner,
            $works[$learner->id] ?? [],
            $said[$learner->id] ?? [],
            $today,
        ), $learners);
    }

    /**
     * The last pieces of work, whole.
     *
     * @return list<Attempt>
     */
    public function latest(): array
    {
        return array_values(Attempt::query()->where('learner_id', $this->learner->id)->where('lines', '<>', '[]')
            ->readable()->orderByDesc('at')->orderByDesc('id')->limit(self::LATEST)->get()->all());
    }

    /**
     * @param list<\stdClass> $rows
     * @param list<\stdClass> $words
     */
    private static function from(Learner $learner, array $rows, array $words, int $today): self
    {
        $work = array_values(array_filter(array_map(RecordedWork::ofRow(...), $rows)));
        $happenings = [];
        foreach ($work as $one) {
            if ($one->rung !== null && $one->outcome !== null) {
                $happenings[$one->rung][] = Happening::tried($one->day, $one->outcome);
            }
        }
        $damaged = \count($rows) - \count($work);
        foreach ($words as $word) {
            $happening = self::said($word);
            $key = \is_string($word->skill) && \is_int($word->rung) ? "$word->skill.$word->rung" : '';
            $happening === null ? ++$damaged : $happenings[$key][] = $happening;
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

        return new self($learner, $work, $rungs, $today, $damaged);
    }

    /**
     * @param array<array-key, \stdClass> $rows
     *
     * @return array<string, list<\stdClass>>
     */
    private static function byLearner(array $rows): array
    {
        $sorted = [];
        foreach ($rows as $row) {
            $sorted[\is_string($row->learner_id) ? $row->learner_id : ''][] = $row;
        }

        return $sorted;
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
        $monday = array_key_first($weeks);
        foreach ($this->work as $one) {
            $week = $monday + 7 * (int) floor(($one->day - $monday) / 7);
            if (isset($weeks[$week])) {
                ++$weeks[$week]['pieces'];
                foreach ($one->slips as $slip) {
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

    /** Null where the row cannot be read. */
    private static function said(\stdClass $word): ?Happening
    {
        $day = Day::ofText(\is_string($word->said_on) ? substr($word->said_on, 0, 10) : '');
        $due = $word->due_on === null ? null : Day::ofText(\is_string($word->due_on) ? substr($word->due_on, 0, 10) : '');

        return match (true) {
            $day === null, $word->due_on !== null && $due === null => null,
            $due === null => Happening::dropped($day),
            default => Happening::moved($day, $due),
        };
    }

    private static function rung(string $skill, int $number): ?Rung
    {
        $known = Skill::tryFrom($skill);

        return $known === null ? null : Ladders::of($known)->rungs()[$number - 1] ?? null;
    }
}
