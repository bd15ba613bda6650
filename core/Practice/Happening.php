<?php

declare(strict_types=1);

namespace Runel\Practice;

/** What happened to a learner's rung on a day: it was tried, or the tutor moved or dropped it. */
final readonly class Happening
{
    /**
     * @param int            $day   as a number of days
     * @param Attempted|null $tried null where the tutor moved or dropped it
     * @param int|null       $due   where the tutor moved it to; null with no attempt: dropped
     */
    private function __construct(public int $day, public ?Attempted $tried, public ?int $due) {}

    public static function tried(int $day, Attempted $how): self
    {
        return new self($day, $how, null);
    }

    public static function moved(int $day, int $due): self
    {
        return new self($day, null, $due);
    }

    public static function dropped(int $day): self
    {
        return new self($day, null, null);
    }
}
