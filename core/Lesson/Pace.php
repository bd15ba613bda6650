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
    /** So many items played tell a pace. */
    private const ENOUGH = 3;

    /** @param int $hundredths how much of the usual time is taken: 100 the usual, 150 half as much again */
    private function __construct(public int $hundredths) {}

    public static function usual(): self
    {
        return new self(100);
    }

    /** @param int $hundredths from 25 to 400 */
    public static function of(int $hundredths): self
    {
        return new self(max(25, min(400, $hundredths)));
    }

    /**
     * What somebody's own pace has come to be: the median of what was taken against what is usual, in hundredths. Null
     * while there is too little to tell.
     *
     * @param list<array{int, int}> $played seconds taken, and seconds by the usual pace
     */
    public static function learned(array $played): ?self
    {
        $parts = [];
        foreach ($played as [$taken, $usual]) {
            if ($taken > 0 && $usual > 0) {
                $parts[] = intdiv($taken * 100, $usual);
            }
        }
        sort($parts);

        return \count($parts) < self::ENOUGH ? null : self::of($parts[intdiv(\count($parts), 2)]);
    }

    public function goal(): int
    {
        return $this->taken(60);
    }

    /** @param int|null $steps how far it is shown; null for all of it */
    public function demonstrating(Demonstration $demonstration, ?int $steps = null): int
    {
        $forecast = $demonstration->forecast;
        $shown = min($steps ?? $forecast->steps, $forecast->steps);
        // Where something is hunted, it is hunted in the part that is shown.
        $whole = $forecast->steps * self::STEP + $forecast->trials * self::TRIAL;

        return $this->taken($shown === $forecast->steps ? $whole : intdiv($whole * $shown, max(1, $forecast->steps)));
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
