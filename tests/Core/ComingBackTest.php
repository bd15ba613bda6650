<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Practice\Attempted;
use Runel\Practice\ComingBack;
use Runel\Practice\Happening;
use Runel\Practice\History;
use Runel\Practice\Standing;

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
        for ($seed = 1; $seed <= Chance::seeds(400); ++$seed) {
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

    /** Day by day, whatever a tutor says: nothing is lost that was not dropped, nothing comes on its own day. */
    public function testHistoriesAreNeverEarlyNeverLostAndSayWhatStands(): void
    {
        $stood = [];
        for ($seed = 1; $seed <= Chance::seeds(400); ++$seed) {
            $chance = new Chance($seed);
            $day = $chance->dice->getInt(0, 20_000);
            $happenings = [];
            for ($time = 0; $time < 12; ++$time) {
                $day += $chance->one([0, 0, 1, 3, 9, 40]);
                $how = $chance->one([Attempted::Sound, Attempted::Sound, Attempted::WithHelp, Attempted::Slipped]);
                $happenings[] = match ($time % 6) {
                    4 => Happening::moved($day, $day + $chance->dice->getInt(0, 60)),
                    5 => Happening::dropped($day),
                    default => Happening::tried($day, $how),
                };
                $history = History::of($happenings);
                $last = $happenings[\count($happenings) - 1];
                if ($last->tried === null) {
                    self::assertSame($last->due, $history->comesBack?->due, 'the tutor has the last word of a day');
                    continue;
                }
                if ($history->comesBack !== null) {
                    self::assertGreaterThanOrEqual($history->lastDay, $history->comesBack->due);
                }
                $isNew = $history->last === null || ($history->days === 1 && $history->last === Attempted::Sound);
                self::assertSame($isNew, $history->standing() === Standing::New);
                if ($history->standing() === Standing::Stands) {
                    self::assertSame(Attempted::Sound, $history->last);
                    self::assertGreaterThan(1, $history->days, 'nothing stands after an evening');
                }
                $stood[$history->standing()->value] = true;
                $shuffled = $happenings;
                usort($shuffled, static fn(Happening $one, Happening $other): int => $other->day <=> $one->day);
                self::assertEquals($history, History::of($shuffled), 'however they are stored');
            }
        }
        ksort($stood);
        self::assertSame(['new', 'stands', 'wobbles'], array_keys($stood));
        self::assertSame(Standing::New, History::of([])->standing());
    }

    public function testADayCountsOnceAsTheWorstOfItWent(): void
    {
        $sound = Happening::tried(10, Attempted::Sound);
        $slip = Happening::tried(10, Attempted::Slipped);
        $before = [Happening::tried(1, Attempted::Sound), Happening::tried(3, Attempted::Sound)];
        $once = History::of([...$before, $sound]);
        self::assertEquals($once, History::of([...$before, $sound, $sound, $sound]));
        self::assertSame(17, $once->comesBack?->due);
        self::assertEquals(
            History::of([...$before, $slip]),
            History::of([...$before, $sound, $slip, $sound]),
        );
        $dropped = [...$before, $sound, Happening::dropped(11)];
        self::assertNull(History::of($dropped)->comesBack);
        self::assertSame(20, History::of([...$dropped, Happening::moved(12, 20)])->comesBack?->due, 'brought back');
        self::assertSame(21, History::of([...$dropped, Happening::tried(20, Attempted::Sound)])->comesBack?->due);
    }
}
