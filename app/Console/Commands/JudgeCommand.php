<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Kept\Writing;
use App\Learners\Judged;
use App\Models\Attempt;
use Illuminate\Console\Command;
use Runel\Message\Refusal;
use Runel\Proof\Effort;

/** Kept work judged anew where another version of Runel has judged it; the tutor's word stays. */
final class JudgeCommand extends Command
{
    protected $signature = 'runel:judge';

    protected $description = 'Judges kept work anew where another version of Runel judged it';

    public function handle(Judged $judged, Writing $writing): int
    {
        [$anew, $changed] = [0, 0];
        foreach (Attempt::query()->readable()->where('lines', '<>', '[]')->lazyById(200) as $attempt) {
            if (Judged::isPresent($attempt)) {
                continue;
            }
            try {
                $marking = $judged->anew($attempt, $attempt->task->task(), Effort::of(Judged::EFFORT));
            } catch (Refusal) {
                continue;
            }
            $before = $attempt->verdictIds();
            $mended = self::without($attempt->slipIds(), $attempt->foundSlips());
            $attempt->fill(['slips' => [...$mended, ...Judged::slips($marking)]] + Judged::columns($marking));
            $writing->whole(static fn(): bool => $attempt->save());
            ++$anew;
            $changed += $attempt->verdictIds() === $before ? 0 : 1;
        }
        $this->line((string) __('copies.judged', ['count' => $anew, 'changed' => $changed]));

        return self::SUCCESS;
    }

    /**
     * @param list<string>       $slips
     * @param array<string|null> $found
     *
     * @return list<string> each that was made and no longer stands
     */
    private static function without(array $slips, array $found): array
    {
        foreach ($found as $slip) {
            $place = array_search($slip, $slips, true);
            if ($place !== false) {
                array_splice($slips, (int) $place, 1);
            }
        }

        return $slips;
    }
}
