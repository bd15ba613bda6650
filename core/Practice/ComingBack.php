<?php

declare(strict_types=1);

namespace Runel\Practice;

/**
 * When a skill's rung comes back. The rule is short enough to be explained to a learner: what went well comes back
 * after 1, 3, 7, 16, then 35 days; work with help counts half; a slip takes it one place down, and it comes back
 * tomorrow. Days are counted from a day that is handed in, so that the rule needs no clock.
 */
final readonly class ComingBack
{
    /** Days until it comes back, by the place it has reached. */
    public const INTERVALS = [1, 3, 7, 16, 35];

    /**
     * @param int  $place  into the intervals, from 0
     * @param bool $halfUp whether sound work with help has counted half already
     * @param int  $due    the day on which it comes back, as a number of days
     */
    private function __construct(public int $place, public bool $halfUp, public int $due) {}

    /** What has been met for the first time comes back the next day. */
    public static function first(int $today): self
    {
        return new self(0, false, $today + self::INTERVALS[0]);
    }

    /** The same place, on a day the tutor has chosen. */
    public function moved(int $due): self
    {
        return new self($this->place, $this->halfUp, $due);
    }

    /** After an attempt on a day; an attempt before it is due counts like any other, and moves nothing closer. */
    public function after(Attempted $attempted, int $today): self
    {
        [$place, $halfUp] = match ($attempted) {
            Attempted::Sound => [$this->place + 1, false],
            Attempted::WithHelp => [$this->place + ($this->halfUp ? 1 : 0), !$this->halfUp],
            Attempted::Slipped => [$this->place - 1, false],
        };
        $place = max(0, min($place, \count(self::INTERVALS) - 1));
        $days = $attempted === Attempted::Slipped ? self::INTERVALS[0] : self::INTERVALS[$place];

        return new self($place, $halfUp, $today + $days);
    }

    public function isDue(int $today): bool
    {
        return $today >= $this->due;
    }

    /**
     * What to come back to on a day: what is due, the longest overdue first, at most so many.
     *
     * @param array<string, self> $known by the skill and its rung
     *
     * @return list<string>
     */
    public static function due(array $known, int $today, int $most): array
    {
        $due = array_filter($known, static fn(self $one): bool => $one->isDue($today));
        uasort($due, static fn(self $one, self $other): int => $one->due <=> $other->due);

        return \array_slice(array_map(strval(...), array_keys($due)), 0, max(0, $most));
    }
}
