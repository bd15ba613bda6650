<?php

declare(strict_types=1);

namespace App\Learners;

use App\Kept\Writing;
use App\Models\Attempt;
use Illuminate\Support\Carbon;
use Runel\Message\Refusal;
use Runel\Proof\Effort;

/** Kept work judged anew where another version of Runel has judged it; the tutor's word stays. */
final readonly class Rejudging
{
    /** So many pieces are told of by name. */
    public const TOLD = 12;

    public function __construct(private Judged $judged, private Writing $writing) {}

    /** @return array{int, int} how many pieces were judged anew, and how many of them are judged otherwise now */
    public function all(Carbon $now): array
    {
        [$anew, $otherwise] = [0, 0];
        foreach (Attempt::query()->readable()->where('lines', '<>', '[]')->lazyById(200) as $attempt) {
            $isOtherwise = Judged::isPresent($attempt) ? null : $this->again($attempt, $now);
            $anew += $isOtherwise === null ? 0 : 1;
            $otherwise += $isOtherwise === true ? 1 : 0;
        }

        return [$anew, $otherwise];
    }

    /** @return list<Attempt> judged otherwise by an update, and not seen since; the latest first */
    public static function unseen(): array
    {
        return array_values(Attempt::query()->readable()->whereNotNull('otherwise_on')->with('learner')
            ->orderByDesc('otherwise_on')->orderByDesc('at')->limit(self::TOLD + 1)->get()->all());
    }

    /** The tutor has seen what is judged otherwise. */
    public function seen(): void
    {
        $this->writing->whole(static fn(): int => Attempt::query()->whereNotNull('otherwise_on')->toBase()
            ->update(['otherwise_on' => null]));
    }

    /** Whether it is judged otherwise now; null where it cannot be judged, or was written on meanwhile. */
    private function again(Attempt $attempt, Carbon $now): ?bool
    {
        try {
            $marking = $this->judged->anew($attempt, $attempt->task->task(), Effort::of(Judged::EFFORT));
        } catch (Refusal) {
            return null;
        }
        $isOtherwise = $attempt->verdictIds() !== Judged::columns($marking)['verdicts'];
        $mended = $attempt->mendedSlips();
        $attempt->fill(['slips' => [...$mended, ...Judged::slips($marking)]] + Judged::columns($marking));
        if ($isOtherwise) {
            $attempt->otherwise_on = $now;
        }
        $attempt->timestamps = false;

        return $this->writing->whole(static function () use ($attempt, $isOtherwise): ?bool {
            if ($attempt->fresh()?->typed() !== $attempt->typed()) {
                return null;
            }
            $attempt->save();

            return $isOtherwise;
        });
    }
}
