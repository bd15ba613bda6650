<?php

declare(strict_types=1);

namespace App\Learners;

use App\Demonstrations\Demonstrations;
use App\Demonstrations\Jobs;
use App\Kept\Writing;
use App\Models\Attempt;
use App\Models\Handing;
use App\Models\Learner;
use App\Pile\MarkedPiece;
use App\Turn\YourTurn;
use Illuminate\Support\Carbon;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Belonging;
use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Slip\Slip;

/** Writes down what learners did. Every piece is one row, written whole or not at all. */
final readonly class Records
{
    public const TURN = 'turn';
    public const PILE = 'pile';
    public const TYPED = 'typed';
    /** In seconds: whoever takes longer was away. */
    private const LONGEST_TRY = 7200;
    private const MOST_LINES = 60;
    private const LONGEST_LINE = 1000;

    public function __construct(
        private Writing $writing,
        private Catalogue $catalogue,
        private Demonstrations $demonstrations,
    ) {}

    /**
     * A learner at work under an address that was handed out. Slips that were made and mended stay counted; what is
     * finished is closed.
     */
    public function turn(Handing $handing, int $place, YourTurn $turn): Attempt
    {
        return $this->writing->whole(function () use ($handing, $place, $turn): Attempt {
            $attempt = Attempt::query()->where('handing_id', $handing->id)->where('place', $place)->first();
            $attempt ??= new Attempt([
                'learner_id' => $handing->learner_id,
                'handing_id' => $handing->id,
                'place' => $place,
                'source' => self::TURN,
                'at' => Carbon::now(),
                'slips' => [],
                'lines' => [],
            ] + $this->belonging($turn->task, $turn->job));
            if ($attempt->finished) {
                return $attempt;
            }
            $seconds = (int) $attempt->at->diffInSeconds(Carbon::now());
            if ($seconds > self::LONGEST_TRY && $attempt->typed() === []) {
                // Looked at long ago, perhaps by a program that looks at addresses: the work begins now.
                $attempt->at = Carbon::now();
            }
            $made = array_map(static fn(Slip $slip): string => $slip->value, $turn->slips());
            $attempt->fill([
                'lines' => $turn->query->lines,
                'verdicts' => self::verdicts($turn->marking),
                'slips' => self::united($attempt->slipIds(), $made),
                'help' => max($attempt->help, $turn->query->help),
                'finished' => $turn->marking->finished,
                'seconds' => $turn->query->lines === [] || $seconds > self::LONGEST_TRY ? $attempt->seconds : $seconds,
            ]);
            $attempt->save();

            return $attempt;
        });
    }

    /** A marked piece of a pile, which the tutor has said is this learner's. */
    public function piece(Learner $learner, MarkedPiece $piece): ?Attempt
    {
        if ($piece->marking === null || $piece->problem === null || $piece->job === null) {
            return null;
        }
        $task = new Task($piece->problem, $learner->style);
        $today = $learner->attempts()->where('source', self::PILE)->where('at', '>=', Carbon::today());
        foreach ($today->get() as $kept) {
            // The same page sent a second time is the same page.
            if ($kept->task->problem === $task->problem->source && $kept->typed() === $piece->piece->lines) {
                return $kept;
            }
        }

        return $this->write($learner, $task, $piece->job, $piece->piece->lines, $piece->marking, self::PILE, [
            'mark' => mb_substr($piece->mark, 0, 20),
            'remark' => $piece->remark,
        ]);
    }

    /**
     * Work the tutor types.
     *
     * @param list<string> $lines
     *
     * @throws Refusal when the problem cannot be read, or there are no lines
     */
    public function typed(Learner $learner, string $problem, array $lines, Carbon $at): Attempt
    {
        $longest = max([0, ...array_map(strlen(...), $lines)]);
        if ($lines === [] || \count($lines) > self::MOST_LINES || $longest > self::LONGEST_LINE) {
            throw new BadRequest(Message::of('learner.lines', ['most' => self::MOST_LINES]));
        }
        $task = new Task(Problem::read($problem), $learner->style);
        $job = Jobs::chosen($task, null);
        $marking = Marker::mark($this->catalogue, $task, $job, $lines);

        return $this->write($learner, $task, $job, $lines, $marking, self::TYPED, ['at' => $at]);
    }

    /**
     * The lines of a kept attempt, judged anew, so that they are shown as they would be marked today.
     *
     * @return list<MarkedLine>
     */
    public function marked(Attempt $attempt): array
    {
        try {
            $task = $attempt->task->task();
            $job = Jobs::chosen($task, $attempt->task->job);

            return Marker::mark($this->catalogue, $task, $job, $attempt->typed())->lines;
        } catch (Refusal) {
            return [];
        }
    }

    /**
     * @param list<string>         $lines
     * @param array<string, mixed> $more
     */
    private function write(
        Learner $learner,
        Task $task,
        Job $job,
        array $lines,
        Marking $marking,
        string $source,
        array $more,
    ): Attempt {
        $slips = array_values(array_filter(array_map(
            static fn(MarkedLine $line): ?string => $line->slip?->value,
            $marking->lines,
        )));
        $wanted = Slip::tryFrom($marking->wants->value ?? '');

        return Attempt::query()->create($more + [
            'learner_id' => $learner->id,
            'lines' => $lines,
            'verdicts' => self::verdicts($marking),
            'slips' => $wanted === null ? $slips : [...$slips, $wanted->value],
            'finished' => $marking->finished,
            'source' => $source,
            'at' => Carbon::now(),
        ] + $this->belonging($task, $job));
    }

    /** @return list<string> one a line */
    private static function verdicts(Marking $marking): array
    {
        return array_map(static fn(MarkedLine $line): string => $line->verdict->value, $marking->lines);
    }

    /** @return array{task: TaskReference, skill: string|null, rung: int|null} */
    private function belonging(Task $task, Job $job): array
    {
        try {
            $belongs = Belonging::of($this->demonstrations->of($task, $job->value), $this->catalogue);
        } catch (Refusal) {
            $belongs = null;
        }

        return [
            'task' => new TaskReference($task->problem->source, $job->value, null, $task->style, $task->choices),
            'skill' => $belongs?->skill?->value,
            'rung' => $belongs?->rung?->number,
        ];
    }

    /**
     * Each slip as often as it is in the one list or the other, whichever has more.
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
