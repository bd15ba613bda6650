<?php

declare(strict_types=1);

namespace App\Contract;

use App\Faces\Faces;
use App\Faces\Wording;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Marking\Difference;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\NoSuchJob;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Problem\Job;

/** The contract for marking: a problem and the lines of a person in, each line judged out. Nothing is kept. */
final readonly class Markings
{
    /** More lines than this are no page of work. */
    private const MOST = 200;

    public function __construct(
        private Requested $requested,
        private Catalogue $catalogue,
        private Faces $faces,
    ) {}

    /**
     * @param array<array-key, mixed> $request problem and lines, and optionally job and style (a map)
     *
     * @return array<string, mixed> the marking or the error
     */
    public function answer(array $request): array
    {
        try {
            return $this->marking($request);
        } catch (Refusal $refusal) {
            return $this->requested->error($refusal);
        } catch (\Throwable $fault) {
            report($fault);

            return $this->requested->error(new OutOfReach(Message::of('error.failed')));
        }
    }

    /**
     * @param array<array-key, mixed> $request
     *
     * @return array<string, mixed>
     *
     * @throws Refusal with the contract's code
     */
    private function marking(array $request): array
    {
        $lines = self::lines($request['lines'] ?? null);
        $reference = $this->requested->reference(array_diff_key($request, ['lines' => 1]));
        $task = $reference->task();
        $job = self::job($task, $reference);
        $marking = Marker::mark($this->catalogue, $task, $job, $lines);
        $wording = $this->faces->text($reference->style);

        return [
            'runel' => 1,
            'problem' => $reference->problem,
            'job' => $job->value,
            'lines' => array_map(
                static fn(MarkedLine $line): array => self::line($line, $wording),
                $marking->lines,
            ),
            'finished' => $marking->finished,
            'wants' => $marking->wants?->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function line(MarkedLine $line, Wording $wording): array
    {
        return [
            'typed' => $line->typed,
            'ascii' => $line->node === null ? null : Ascii::write($line->node),
            'verdict' => $line->verdict->value,
            'true' => $line->holds,
            'slip' => $line->slip?->value,
            'say' => $wording->say($line->say),
            'at' => $line->at,
            'differs' => $line->differs === null ? null : self::differs($line->differs),
        ];
    }

    /** @return array<string, mixed> */
    private static function differs(Difference $difference): array
    {
        return [
            'at' => array_map(static fn(Rational $value): string => (string) $value, $difference->at),
            'before' => (string) $difference->before,
            'after' => (string) $difference->after,
        ];
    }

    /**
     * @return list<string>
     *
     * @throws BadRequest
     */
    private static function lines(mixed $lines): array
    {
        if (!\is_array($lines) || array_filter($lines, is_string(...)) !== $lines) {
            throw new BadRequest(Message::of('marking.no-lines'));
        }
        if (\count($lines) > self::MOST) {
            throw new BadRequest(Message::of('marking.too-many', ['limit' => self::MOST]));
        }

        return array_values(array_filter($lines, static fn(string $line): bool => trim($line) !== ''));
    }

    /** @throws NoSuchJob */
    private static function job(Task $task, TaskReference $reference): Job
    {
        if ($reference->job === null) {
            return $task->problem->jobs[0];
        }
        $job = Job::tryFrom($reference->job) ?? throw new NoSuchJob(Message::of('error.no-such-job', [
            'found' => mb_substr($reference->job, 0, 40),
        ]));
        if (!\in_array($job, $task->problem->jobs, true)) {
            throw new NoSuchJob(Message::of('error.job-not-here', ['job' => $job->value]));
        }

        return $job;
    }
}
