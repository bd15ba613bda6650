<?php

declare(strict_types=1);

namespace App\Contract;

use App\Faces\Faces;
use Runel\Job\Jobs;
use Runel\Marking\Marker;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;

/** The contract for marking: a problem and the lines of a person in, each line judged out. Nothing is kept. */
final readonly class Markings
{
    private const MOST_POINTS = 100;
    /** The work that one request may take, in steps. */
    public const EFFORT = 700_000;
    /** More lines than this are no page of work. */
    private const MOST = 500;

    public function __construct(
        private Requested $requested,
        private Catalogue $catalogue,
        private Faces $faces,
    ) {}

    /**
     * @param array<array-key, mixed> $request problem and lines, and optionally job and style (a map)
     *
     * @param Effort|null $effort what it may take; null: what one request may
     *
     * @return array<string, mixed> the marking or the error
     */
    public function answer(array $request, ?Effort $effort = null): array
    {
        try {
            return $this->marking($request, $effort);
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
    private function marking(array $request, ?Effort $effort): array
    {
        $lines = self::lines($request['lines'] ?? null);
        $points = self::points($request['points'] ?? null);
        $reference = $this->requested->reference(array_diff_key($request, ['lines' => 1, 'points' => 1]));
        $task = $reference->task();
        $job = Jobs::all()->chosen($task->problem, $reference->job)->job();
        $marking = Marker::mark($this->catalogue, $task, $job, $lines, effort: $effort ?? Effort::of(self::EFFORT));
        $wording = $this->faces->text($reference->style);

        return [
            'runel' => 1,
            'problem' => $reference->problem,
            'job' => $job,
        ] + MarkingData::of($marking, $wording, $points);
    }

    /** @throws BadRequest when it is no number of points */
    private static function points(mixed $points): ?int
    {
        return match (true) {
            $points === null => null,
            \is_int($points) && $points >= 1 && $points <= self::MOST_POINTS => $points,
            default => throw new BadRequest(Message::of('marking.points', ['most' => self::MOST_POINTS])),
        };
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
}
