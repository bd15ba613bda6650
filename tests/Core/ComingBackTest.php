<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Practice\Attempted;
use Runel\Practice\ComingBack;

/** What comes back: never early, never lost, and better work never sooner than worse. */
final class ComingBackTest extends TestCase
{
    public function testSoundWorkClimbsTheIntervals(): void
    {
        $today = 100;
        $one = ComingBack::first($today);
        $waits = [$one->due - $today];
        for ($time = 0; $time < 6; ++$time) {
            $today = $one->due;
            $one = $one->after(Attempted::Sound, $today);
            $waits[] = $one->due - $today;
        }
        self::assertSame([1, 3, 7, 16, 35, 35, 35], $waits);
    }

    public function testOverRandomHistoriesItIsNeverEarlyNeverLostAndMonotone(): void
    {
        for ($seed = 1; $seed <= 400; ++$seed) {
            $chance = new Chance($seed);
            $today = $chance->dice->getInt(0, 20_000);
            $one = ComingBack::first($today);
            for ($time = 0; $time < 25; ++$time) {
                $today += $chance->dice->getInt(0, 50);
                $outcomes = array_map(
                    static fn(Attempted $attempted): ComingBack => $one->after($attempted, $today),
                    ['sound' => Attempted::Sound, 'help' => Attempted::WithHelp, 'slip' => Attempted::Slipped],
                );
                foreach ($outcomes as $after) {
                    self::assertFalse($after->isDue($today), 'never on the day itself');
                    self::assertFalse($after->isDue($after->due - 1));
                    self::assertTrue($after->isDue($after->due) && $after->isDue($after->due + 999));
                    self::assertContains($after->due - $today, ComingBack::INTERVALS);
                }
                self::assertGreaterThanOrEqual($outcomes['help']->due, $outcomes['sound']->due);
                self::assertGreaterThanOrEqual($outcomes['slip']->due, $outcomes['help']->due);
                self::assertSame($today + 1, $outcomes['slip']->due, 'a slip comes back tomorrow');
                $one = $chance->one(array_values($outcomes));
            }
            self::assertSame(
                $one->place + ($one->place < 4 ? 1 : 0),
                $one->after(Attempted::WithHelp, $today)->after(Attempted::WithHelp, $today)->place,
                'help counts half',
            );
        }
    }

    public function testADayHoldsSoManyTheLongestOverdueFirst(): void
    {
        $known = [];
        foreach ([40, 10, 30, 20, 99] as $number => $day) {
            $known["linear $number"] = ComingBack::first($day);
        }
        self::assertSame(['linear 1', 'linear 3', 'linear 2'], ComingBack::due($known, 50, 3));
        self::assertSame(['linear 1', 'linear 3', 'linear 2', 'linear 0'], ComingBack::due($known, 50, 9));
        self::assertSame([], ComingBack::due($known, 50, 0));
        self::assertSame([], ComingBack::due($known, 10, 9));
        self::assertCount(5, ComingBack::due($known, 100, 9), 'nothing is lost');
    }
}
