<?php

declare(strict_types=1);

namespace Runel\Practice;

/**
 * One learner at one rung, day by day. What is tried several times on one day counts once, as the worst of it went, so
 * that a whole sheet does not carry a rung out of sight in an evening. The tutor's own word is the last of its day.
 */
final readonly class History
{
    /** From here on it has come back soundly. */
    private const STANDS = 1;

    /**
     * @param ComingBack|null $comesBack null where nothing was tried, or the tutor dropped it since
     * @param Attempted|null  $last      how the last day went
     * @param int|null        $lastDay   on which it was tried
     * @param int             $days      on how many days it was tried
     */
    private function __construct(
        public ?ComingBack $comesBack,
        public ?Attempted $last,
        public ?int $lastDay,
        public int $days,
        private int $place,
    ) {}

    /** @param list<Happening> $happenings in any order */
    public static function of(array $happenings): self
    {
        $worst = [];
        $words = [];
        foreach ($happenings as $happening) {
            if ($happening->tried === null) {
                $words[$happening->day][] = $happening;
            } else {
                $before = $worst[$happening->day] ?? null;
                $worst[$happening->day] = self::worse($before, $happening->tried);
            }
        }

        return self::ofDays($worst, $words);
    }

    /**
     * @param array<int, Attempted>       $worst how each day went on which it was tried
     * @param array<int, list<Happening>> $words what the tutor said, by the day
     */
    public static function ofDays(array $worst, array $words = []): self
    {
        $days = array_keys($words === [] ? $worst : $worst + $words);
        sort($days);
        $comesBack = null;
        $known = null;
        $place = 0;
        $lastDay = null;
        foreach ($days as $day) {
            if (isset($worst[$day])) {
                $comesBack = $comesBack === null ? ComingBack::first($day) : $comesBack->after($worst[$day], $day);
                $place = $comesBack->place;
                $lastDay = $day;
            }
            // What was dropped can be brought back to where it was.
            $known = $comesBack ?? $known;
            foreach ($words[$day] ?? [] as $word) {
                $comesBack = $word->due === null ? null : $known?->moved($word->due);
            }
        }

        return new self($comesBack, $worst[$lastDay ?? ''] ?? null, $lastDay, \count($worst), $place);
    }

    /** What was met once and went well is still new; what came back and went well stands. */
    public function standing(): Standing
    {
        return match (true) {
            $this->last === null, $this->days === 1 && $this->last === Attempted::Sound => Standing::New,
            $this->last === Attempted::Sound && $this->place >= self::STANDS => Standing::Stands,
            default => Standing::Wobbles,
        };
    }

    /** Of one day's work, whichever went worse. */
    public static function worse(?Attempted $one, Attempted $other): Attempted
    {
        return match (true) {
            $one === null, $other === Attempted::Slipped => $other,
            $one === Attempted::Slipped, $other === Attempted::Sound => $one,
            default => $other,
        };
    }
}
