<?php

declare(strict_types=1);

namespace App\Learners;

use App\Kept\ChangedElsewhere;
use App\Kept\Writing;
use App\Models\Attempt;
use App\Models\Handing;
use App\Turn\TurnQuery;
use Illuminate\Support\Carbon;
use Runel\Job\Jobs;
use Runel\Marking\Guidance;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;

/**
 * A learner's work on what was handed out. It is written by what is sent, never by looking, and only grows: a line that
 * is mended or taken back stays in its history. What is finished is closed.
 */
final readonly class HandedWork
{
    /** In seconds: whoever takes longer was away. */
    private const LONGEST_TRY = 7200;

    public function __construct(
        private Writing $writing,
        private Catalogue $catalogue,
        private Records $records,
    ) {}

    public static function of(Handing $handing, int $place): ?Attempt
    {
        return Attempt::query()->where('handing_id', $handing->id)->where('place', $place)->first();
    }

    /**
     * @param int         $seen   so many lines stood on the page that was sent
     * @param Carbon|null $opened when that page was opened, where nothing was written yet
     *
     * @throws Refusal          when the problem can no longer be read
     * @throws ChangedElsewhere when other lines have been written since; nothing is written then
     */
    public function write(Handing $handing, int $place, string $line, int $seen, ?Carbon $opened): Attempt
    {
        return $this->change($handing, $place, $seen, $opened, static function (Attempt $attempt) use ($line): array {
            $lines = $attempt->typed();

            return [\count($lines) < TurnQuery::MOST_LINES ? [...$lines, $line] : $lines, null];
        }, $line);
    }

    /**
     * Another line for the last one, which goes into the history.
     *
     * @throws Refusal
     * @throws ChangedElsewhere
     */
    public function mend(Handing $handing, int $place, string $line, int $seen): Attempt
    {
        return $this->change($handing, $place, $seen, null, static fn(Attempt $attempt): array => [
            [...\array_slice($attempt->typed(), 0, -1), $line],
            Attempt::MENDED,
        ]);
    }

    /**
     * The last line is taken back, into the history.
     *
     * @throws Refusal
     * @throws ChangedElsewhere
     */
    public function takeBack(Handing $handing, int $place, int $seen): Attempt
    {
        return $this->change($handing, $place, $seen, null, static fn(Attempt $attempt): array => [
            \array_slice($attempt->typed(), 0, -1),
            Attempt::TAKEN_BACK,
        ]);
    }

    /**
     * The next rung of help with the line to come.
     *
     * @throws Refusal
     */
    public function help(Handing $handing, int $place, ?Carbon $opened): Attempt
    {
        return $this->writing->whole(function () use ($handing, $place, $opened): Attempt {
            $attempt = self::of($handing, $place) ?? $this->begun($handing, $place, $opened);
            if (!$attempt->finished) {
                $attempt->helping = min(Guidance::RUNGS, $attempt->helping + 1);
                $attempt->help = max($attempt->help, $attempt->helping);
                $attempt->save();
            }

            return $attempt;
        });
    }

    /**
     * The slip on the page that was handed out is found: the work begins with what stands above it.
     *
     * @param list<string> $above
     *
     * @throws Refusal
     */
    public function found(Handing $handing, int $place, array $above, ?Carbon $opened): Attempt
    {
        $attempt = $this->begun($handing, $place, $opened);
        // Judged before the database is held.
        $task = $attempt->task->task();
        $job = Jobs::all()->chosen($task->problem, $attempt->task->job)->job();
        $marking = Marker::mark($this->catalogue, $task, $job, $above, effort: Effort::of(Judged::EFFORT));
        $attempt->fill(['lines' => $above] + Judged::columns($marking));

        return $this->writing->whole(static function () use ($handing, $place, $attempt): Attempt {
            $begun = self::of($handing, $place);
            if ($begun === null) {
                $attempt->save();
            }

            return $begun ?? $attempt;
        });
    }

    /**
     * @param \Closure(Attempt): array{list<string>, string|null} $work  the lines as they become, and why the last goes
     * @param string|null                                         $again the line, where sending it twice is once
     *
     * @throws Refusal
     * @throws ChangedElsewhere
     */
    private function change(
        Handing $handing,
        int $place,
        int $seen,
        ?Carbon $opened,
        \Closure $work,
        ?string $again = null,
    ): Attempt {
        $attempt = self::of($handing, $place) ?? $this->begun($handing, $place, $opened);
        $before = $attempt->typed();
        $isDone = static fn(Attempt $now): bool => $now->finished
            || ($again !== null && ($now->typed()[$seen] ?? null) === $again);
        if ($isDone($attempt)) {
            return $attempt;
        }
        if (\count($before) !== $seen) {
            throw new ChangedElsewhere($attempt->id);
        }
        [$lines, $why] = $work($attempt);
        // Judged before the database is held.
        $task = $attempt->task->task();
        $job = Jobs::all()->chosen($task->problem, $attempt->task->job)->job();
        $marking = Marker::mark($this->catalogue, $task, $job, $lines, effort: Effort::of(Judged::EFFORT));
        $belongs = $marking->finished ? $this->records->belonging($task, $job, $marking->lines) : [];

        return $this->writing->whole(static function () use (
            $handing,
            $place,
            $attempt,
            $before,
            $isDone,
            $lines,
            $why,
            $marking,
            $belongs,
        ): Attempt {
            $fresh = self::of($handing, $place) ?? $attempt;
            if ($isDone($fresh)) {
                return $fresh;
            }
            if ($fresh->typed() !== $before) {
                throw new ChangedElsewhere($fresh->id);
            }
            self::fill($fresh, $lines, $why, $marking, $belongs);
            $fresh->save();

            return $fresh;
        });
    }

    /**
     * What an attempt is with other lines; a line that was taken back stays in its history.
     *
     * @param list<string>         $lines
     * @param array<string, mixed> $belongs
     */
    private static function fill(Attempt $attempt, array $lines, ?string $why, Marking $marking, array $belongs): void
    {
        $before = $attempt->typed();
        $seconds = (int) $attempt->at->diffInSeconds(Carbon::now());
        $gone = $why === null || $before === [] ? [] : [[
            'line' => $before[\count($before) - 1],
            'verdict' => $attempt->verdictIds()[\count($before) - 1] ?? null,
            'gone' => $why,
            'at' => Carbon::now()->toDateTimeString(),
        ]];
        $attempt->fill([
            'lines' => $lines,
            'history' => [...$attempt->past(), ...$gone],
            'slips' => self::united($attempt->slipIds(), Judged::slips($marking)),
            'helping' => 0,
            'seconds' => $seconds > self::LONGEST_TRY ? $attempt->seconds : $seconds,
        ] + Judged::columns($marking) + array_diff_key($belongs, ['task' => 1]));
    }

    /** @throws Refusal */
    private function begun(Handing $handing, int $place, ?Carbon $opened): Attempt
    {
        $reference = $handing->references()[$place] ?? throw new \LogicException('Nothing was handed out there.');
        $task = $reference->task();
        $now = Carbon::now();
        $belongs = $this->records->belonging(
            $task,
            Jobs::all()->chosen($task->problem, $reference->job)->job(),
        );
        $isToday = $opened !== null && $opened->isBefore($now) && $opened->diffInSeconds($now) < self::LONGEST_TRY;

        return new Attempt([
            'learner_id' => $handing->learner_id,
            'handing_id' => $handing->id,
            'place' => $place,
            'source' => Records::TURN,
            'at' => $isToday ? $opened : $now,
            'slips' => [],
            'lines' => [],
            'task' => $belongs['task']->with($reference->page),
        ] + $belongs);
    }

    /**
     * Each slip as often as it is in the one list or the other, whichever has more: what was made and mended stays.
     *
     * @param list<string> $one
     * @param list<string> $other
     *
     * @return list<string>
     */
    private static function united(array $one, array $other): array
    {
        $counts = array_count_values($one);
        foreach (array_count_values($other) as $slip => $times) {
            $counts[$slip] = max($counts[$slip] ?? 0, $times);
        }
        $united = [];
        foreach ($counts as $slip => $times) {
            array_push($united, ...array_fill(0, $times, (string) $slip));
        }

        return $united;
    }
}
