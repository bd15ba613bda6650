<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Demonstration\Demonstration;

/** How long things take, in seconds: forecast from the steps and trials of a demonstration. */
final readonly class Pace
{
    private const STEP = 25;
    private const TRIAL = 8;
    private const LEAST_TRY = 90;

    /** @param int $hundredths how much of the usual time is taken: 100 the usual, 150 half as much again */
    private function __construct(private int $hundredths) {}

    public static function usual(): self
    {
        return new self(100);
    }

    /** @param int $hundredths from 25 to 400 */
    public static function of(int $hundredths): self
    {
        return new self(max(25, min(400, $hundredths)));
    }

    public function goal(): int
    {
        return $this->taken(60);
    }

    public function demonstrating(Demonstration $demonstration): int
    {
        $forecast = $demonstration->forecast;

        return $this->taken($forecast->steps * self::STEP + $forecast->trials * self::TRIAL);
    }

    /** A learner writes the lines and hunts without a guide: half as long again as it is shown. */
    public function trying(Demonstration $demonstration): int
    {
        return max($this->taken(self::LEAST_TRY), intdiv($this->demonstrating($demonstration) * 3, 2));
    }

    /** The second way, the first one known. */
    public function comparing(Demonstration $demonstration): int
    {
        return intdiv($this->demonstrating($demonstration) * 3, 4);
    }

    public function warning(): int
    {
        return $this->taken(120);
    }

    public function handingOut(): int
    {
        return $this->taken(60);
    }

    private function taken(int $seconds): int
    {
        return intdiv($seconds * $this->hundredths, 100);
    }
}
