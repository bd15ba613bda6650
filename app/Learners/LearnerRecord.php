<?php

declare(strict_types=1);

namespace App\Learners;

use App\Calendar\Day;
use App\Models\Attempt;
use App\Models\Learner;
use App\Models\ReturnWord;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Runel\Job\Jobs;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Practice\Attempted;
use Runel\Practice\ComingBack;
use Runel\Practice\Happening;
use Runel\Practice\History;
use Runel\Practice\Standing;

/** All that is kept of a learner's work, as it stands on a day. */
final readonly class LearnerRecord
{
    /** So many weeks are shown, and so many pieces of work. */
    private const WEEKS = 8;
    private const LATEST = 12;
    private const FEW = 60;

    /**
     * @param list<list<mixed>>          $rows    of work with lines, in no order
     * @param array<string, RungHistory> $rungs   those that were tried, by their key
     * @param int                        $today   as a number of days
     * @param int|null                   $lastDay of the last piece of work; null where there is none
     * @param int                        $damaged how many rows of theirs cannot be read
     */
    private function __construct(
        public Learner $learner,
        private array $rows,
        public array $rungs,
        public int $today,
        public ?int $lastDay,
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
        // A few by their keys, many without: a long list of keys is slower than the whole table.
        $own = static fn(Builder $query): Builder => \count($ids) <= self::FEW
            ? $query->whereIn('learner_id', $ids)
            : $query;
        $work = self::rows($own(Attempt::query()->toBase())->where('began', 1)->select(RecordedWork::COLUMNS));
        $words = self::rows($own(ReturnWord::query()->toBase())->orderBy('said_on')->orderBy('id')
            ->select(['learner_id', 'skill', 'rung', 'said_on', 'due_on']));
        [$today, $known] = [Day::of($now), self::known()];

        return array_map(static fn(Learner $learner): self => self::from(
            $learner,
            $work[$learner->id] ?? [],
            $words[$learner->id] ?? [],
            $today,
            $known,
        ), $learners);
    }

    /**
     * Bare rows, by the learner in their first column: a model or an object for each would take longer than the query.
     *
     * @return array<string, list<list<mixed>>>
     */
    private static function rows(Builder $query): array
    {
        $connection = $query->getConnection();
        \assert($connection instanceof Connection);
        $statement = $connection->getPdo()->prepare($query->toSql());
        $statement->execute($query->getBindings());
        $rows = [];
        foreach ($statement->fetchAll(\PDO::FETCH_NUM) as $row) {
            \assert(\is_array($row) && array_is_list($row));
            $rows[\is_string($row[0]) ? $row[0] : ''][] = $row;
        }

        return $rows;
    }

    /**
     * The last pieces of work, whole.
     *
     * @return list<Attempt>
     */
    public function latest(): array
    {
        return array_values(Attempt::query()->where('learner_id', $this->learner->id)->where('began', 1)
            ->readable()->orderByDesc('at')->orderByDesc('id')->limit(self::LATEST)->get()->all());
    }

    /**
     * @param list<list<mixed>>                  $rows
     * @param list<list<mixed>>                  $words
     * @param array<string, array{string, Rung}> $known every rung by its key
     */
    private static function from(Learner $learner, array $rows, array $words, int $today, array $known): self
    {
        [$worst, $said, $damaged, $lastDay] = [[], [], 0, null];
        $outcomes = array_column(Attempted::cases(), null, 'value');
        // Bare, since this is done for every piece of work there is.
        foreach ($rows as [, $at, $skill, $number, $outcome]) {
            $day = Day::ofText(\is_string($at) ? $at : '');
            if ($day === null) {
                ++$damaged;
                continue;
            }
            $lastDay = $lastDay === null || $day > $lastDay ? $day : $lastDay;
            $key = \is_string($skill) && \is_int($number) ? "$skill.$number" : '';
            if (\is_string($outcome) && isset($known[$key], $outcomes[$outcome])) {
                $worst[$key][$day] = History::worse($worst[$key][$day] ?? null, $outcomes[$outcome]);
            }
        }
        foreach ($words as $word) {
            $happening = self::said($word);
            if ($happening === null) {
                ++$damaged;
            } elseif (\is_string($word[1]) && \is_int($word[2])) {
                $said["$word[1].$word[2]"][$happening->day][] = $happening;
            }
        }
        $rungs = [];
        foreach ($worst as $key => $days) {
            [$skill, $rung] = $known[$key];
            $rungs[$key] = new RungHistory($skill, $rung, History::ofDays($days, $said[$key] ?? []));
        }

        return new self($learner, $rows, $rungs, $today, $lastDay, $damaged);
    }

    public function standing(string $skill, Rung $rung): Standing
    {
        return ($this->rungs["$skill.$rung->number"] ?? null)?->history->standing() ?? Standing::New;
    }

    /** @return list<RecordedWork> with lines, in no order */
    public function work(): array
    {
        return array_values(array_filter(array_map(RecordedWork::ofRow(...), $this->rows)));
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

    /** @return list<string> those that were tried, in the order in which they are taught */
    public function skills(): array
    {
        $tried = array_map(static fn(RungHistory $one): string => $one->skill, array_values($this->rungs));

        return array_values(array_intersect(
            array_map(static fn(Ladder $ladder): string => $ladder->skill(), Jobs::ladders()->all),
            $tried,
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
        foreach ($this->work() as $one) {
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

    /**
     * @param list<mixed> $word
     *
     * @return Happening|null null where the row cannot be read
     */
    private static function said(array $word): ?Happening
    {
        [, , , $saidOn, $dueOn] = $word;
        $day = \is_string($saidOn) ? Day::ofText(substr($saidOn, 0, 10)) : null;
        $due = \is_string($dueOn) ? Day::ofText(substr($dueOn, 0, 10)) : null;

        return match (true) {
            $day === null, $dueOn !== null && $due === null => null,
            $due === null => Happening::dropped($day),
            default => Happening::moved($day, $due),
        };
    }

    /** @return array<string, array{string, Rung}> every rung there is, by its key */
    private static function known(): array
    {
        $known = [];
        foreach (Jobs::ladders()->all as $ladder) {
            foreach ($ladder->rungs() as $rung) {
                $known["{$ladder->skill()}.$rung->number"] = [$ladder->skill(), $rung];
            }
        }

        return $known;
    }
}
