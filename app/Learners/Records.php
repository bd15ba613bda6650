<?php

declare(strict_types=1);

namespace App\Learners;

use App\Demonstrations\Demonstrations;
use App\Models\Attempt;
use App\Models\Learner;
use App\Pile\MarkedPiece;
use Illuminate\Support\Carbon;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Job\Jobs;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Marking\SideBySide;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Belonging;
use Runel\Problem\Problem;
use Runel\Proof\Effort;

/** Writes down what learners did. Every piece is one row, written whole or not at all. */
final readonly class Records
{
    public const TURN = 'turn';
    public const PILE = 'pile';
    public const TYPED = 'typed';
    private const MOST_LINES = 60;
    private const LONGEST_LINE = 1000;

    public function __construct(private Catalogue $catalogue, private Demonstrations $demonstrations) {}

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
            'ruled' => $piece->ruling->toArray(),
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
        $job = Jobs::all()->chosen($task->problem, null)->job();
        $marking = Marker::mark($this->catalogue, $task, $job, $lines, effort: Effort::of(Judged::EFFORT));

        return $this->write($learner, $task, $job, $lines, $marking, self::TYPED, ['at' => $at]);
    }

    /**
     * @param list<string>         $lines
     * @param array<string, mixed> $more
     */
    private function write(
        Learner $learner,
        Task $task,
        string $job,
        array $lines,
        Marking $marking,
        string $source,
        array $more,
    ): Attempt {
        return Attempt::query()->create($more + [
            'learner_id' => $learner->id,
            'lines' => $lines,
            'slips' => Judged::slips($marking),
            'source' => $source,
            'at' => Carbon::now(),
        ] + Judged::columns($marking) + $this->belonging($task, $job, $marking->lines));
    }

    /**
     * Where a problem belongs that was not made for a rung, by the road that was taken.
     *
     * @param list<MarkedLine> $lines
     *
     * @return array{task: TaskReference, skill: string|null, rung: int|null}
     */
    public function belonging(Task $task, string $job, array $lines = []): array
    {
        try {
            $belongs = Belonging::of($this->road($task, $job, $lines), $this->catalogue);
        } catch (Refusal) {
            $belongs = null;
        }

        return [
            'task' => new TaskReference($task->problem->source, $job, null, $task->style, $task->choices),
            'skill' => $belongs?->ladder?->skill(),
            'rung' => $belongs?->rung?->number,
        ];
    }

    /**
     * Of an equation, the way with the most of somebody's lines in it; the first one offered where none has more.
     *
     * @param list<MarkedLine> $lines
     *
     * @throws Refusal where there is no way
     */
    private function road(Task $task, string $job, array $lines): Demonstration
    {
        $first = $this->demonstrations->of($task, $job);
        if ($job !== 'solve' || $lines === []) {
            return $first;
        }
        [$road, $most] = [$first, self::shared($lines, $first)];
        foreach ($this->demonstrations->offers($task) as $offer) {
            $isOther = $offer->method->job() === $job && $offer->method->id() !== $first->method;
            if ($offer->forecast !== null && $isOther) {
                $other = $this->demonstrations->of($task, $job, $offer->method->id());
                $shared = self::shared($lines, $other);
                [$road, $most] = $shared > $most ? [$other, $shared] : [$road, $most];
            }
        }

        return $road;
    }

    /** @param list<MarkedLine> $lines */
    private static function shared(array $lines, Demonstration $demonstration): int
    {
        return \count(array_filter(
            SideBySide::of($lines, $demonstration)->rows,
            static fn(array $row): bool => $row[0] !== null && $row[1] !== null,
        ));
    }
}
