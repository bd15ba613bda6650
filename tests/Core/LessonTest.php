<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Sets\SeededChance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Lesson\Extent;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Lesson\Pace;
use Runel\Lesson\Plan;
use Runel\Lesson\Proposal;
use Runel\Lesson\Remark;
use Runel\Lesson\Surface;
use Runel\Message\BadRequest;
use Runel\Practice\Made;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** A lesson keeps to its time, adds one difficulty at a time, and says where it does not. */
final class LessonTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function skills(): iterable
    {
        foreach (Jobs::ladders()->all as $ladder) {
            yield $ladder->skill() => [$ladder->skill()];
        }
    }

    #[DataProvider('skills')]
    public function testAProposalKeepsToItsTimeAndJumpsNowhere(string $skill): void
    {
        foreach (Jobs::ladders()->of($skill)->rungs() as $rung) {
            // A plan takes a while to make: of every three rungs one, unless all are wanted; of each skill others.
            if (($rung->number + \strlen($skill)) % 3 !== 0 && getenv('THOROUGH') === false) {
                continue;
            }
            $counts = [];
            foreach (match ($rung->number % 3) {
                0 => [30, 120], 1 => [60], default => [90],
            } as $minutes) {
                $plan = $this->propose($skill, $rung->number, $minutes);
                $kinds = array_map(static fn(Item $item): ItemKind => $item->kind(), $plan->items);
                self::assertSame(ItemKind::Goal, $kinds[0]);
                self::assertSame(ItemKind::Set, $kinds[\count($kinds) - 1]);
                self::assertContains(ItemKind::Demonstration, $kinds);
                self::assertContains(ItemKind::YourTurn, $kinds);
                $keys = array_map(static fn(Remark $remark): string => $remark->message->key, $plan->remarks());
                self::assertNotContains('lesson.jumps', $keys);
                self::assertNotContains('lesson.nothing-new', $keys);
                self::assertSame($plan->seconds() > $minutes * 60, \in_array('lesson.over', $keys, true));
                // So many minutes asked are so many proposed.
                self::assertGreaterThanOrEqual($minutes * 60 * .97, $plan->seconds(), "$skill $rung->number");
                $counts[] = \count($plan->items);
            }
            self::assertSame($counts, array_map(max(...), array_map(
                static fn(int $place): array => [0, ...\array_slice($counts, 0, $place + 1)],
                array_keys($counts),
            )), 'more time never makes it shorter');
        }
    }

    public function testAPlanJudgesItself(): void
    {
        $pace = Pace::usual();
        $large = new Surface(90, 90);
        $simple = $this->made('1');
        $new = $this->made('2');
        $far = $this->made('5');
        $keys = static fn(Plan $plan): array => array_map(
            static fn(Remark $remark): string => "$remark->item {$remark->message->key}",
            $plan->remarks(),
        );
        $shown = static fn(Made ...$made): array => array_values(array_map(
            static fn(Made $one): Item => Item::demonstration($one->demonstration, $one->rung->traits, $pace),
            $made,
        ));
        self::assertSame([], $keys(new Plan($shown($simple, $new), 90, $large)));
        self::assertSame(['2 lesson.nothing-new'], $keys(new Plan($shown($new, $simple), 90, $large)));
        self::assertSame(['2 lesson.jumps'], $keys(new Plan($shown($simple, $far), 90, $large)));
        self::assertSame(['2 lesson.room'], $keys(new Plan($shown($simple, $new), 90, new Surface(90, 5))));
        self::assertSame([' lesson.over'], $keys(new Plan($shown($simple, $new), 1, $large)));
    }

    public function testTimesAddUpAndFollowThePace(): void
    {
        $plan = $this->propose('linear', 4, 60);
        $sum = 0;
        foreach ($plan->items as $place => $item) {
            self::assertSame($sum, $plan->begins($place + 1));
            $sum += $item->seconds;
        }
        self::assertSame($sum, $plan->seconds());
        $made = $this->made('4')->demonstration;
        self::assertGreaterThan(Pace::usual()->demonstrating($made), Pace::of(150)->demonstrating($made));
        self::assertGreaterThan(Pace::usual()->demonstrating($made), Pace::usual()->trying($made));
        self::assertSame(Pace::of(400)->demonstrating($made), Pace::of(9999)->demonstrating($made));
    }

    public function testThePaceIsTheMedianOfWhatWasTaken(): void
    {
        self::assertNull(Pace::learned([[60, 60], [90, 60]]), 'too little to tell');
        self::assertSame(150, Pace::learned([[90, 60], [600, 60], [90, 60], [30, 60], [90, 60]])?->hundredths);
        self::assertNull(Pace::learned([[0, 60], [60, 0], [60, 60], [60, 60]]));
        self::assertSame(400, Pace::learned(array_fill(0, 5, [9999, 1]))?->hundredths);
    }

    public function testWhatIsTooWideOrTooHighForTheBoardIsSaid(): void
    {
        $made = $this->made('4');
        $item = Item::demonstration($made->demonstration, $made->rung->traits, Pace::usual());
        $extent = Extent::of($made->demonstration);
        $keys = static fn(Item $item, int $wide, int $high): array => array_map(
            static fn(Remark $remark): string => $remark->message->key,
            (new Plan([$item], 90, new Surface($wide, $high)))->remarks(),
        );
        self::assertSame([], $keys($item, $extent->wide, $extent->high));
        self::assertSame(['lesson.wide'], $keys($item, $extent->wide - 1, $extent->high));
        self::assertSame(['lesson.high'], $keys($item, $extent->wide, $extent->high - 1));
        $room = static fn(Item $second): array => array_map(
            static fn(Remark $remark): string => $remark->message->key,
            (new Plan([$item, $second], 90, new Surface(90, $extent->high + 1)))->remarks(),
        );
        self::assertContains('lesson.room', $room($item));
        self::assertNotContains('lesson.room', $room($item->onNewPage()));
        $task = new Task(Problem::read('(2x^2+3x-7)(x^2-5)'), HouseStyle::default());
        $grid = Extent::of(Jobs::catalogue()->demonstrate($task, 'multiply', 'grid'));
        $lines = Extent::of(Jobs::catalogue()->demonstrate($task, 'multiply', 'term-by-term'));
        self::assertGreaterThan($lines->high, $grid->high, 'a grid takes rows');
    }

    public function testAStepOfTheWayTakesAPartOfTheTime(): void
    {
        $made = $this->made('4')->demonstration;
        $whole = Pace::usual()->demonstrating($made);
        $steps = $made->forecast->steps;
        $times = array_map(
            static fn(int $step): int => Pace::usual()->demonstrating($made, $step),
            range(1, $steps),
        );
        self::assertSame($whole, $times[$steps - 1]);
        self::assertSame($whole, Pace::usual()->demonstrating($made, 999));
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
        self::assertSame(420, Item::yourTurn($made, Pace::usual())->lasting(420)->seconds);
    }

    public function testNoLessonOfNothingOrOfAYear(): void
    {
        $this->expectException(BadRequest::class);
        $this->propose('linear', 1, 525_600);
    }

    private function propose(string $skill, int $rung, int $minutes): Plan
    {
        return (new Proposal(Jobs::catalogue(), new SeededChance()))->plan(
            Jobs::ladders()->of($skill),
            $rung,
            $minutes,
            new Surface(90, 24),
            '7',
            Pace::usual(),
            HouseStyle::default(),
        );
    }

    private function made(string $rung): Made
    {
        return Maker::make(Jobs::catalogue(), new SeededChance(), HouseStyle::default(), Order::of(
            Jobs::ladders()->of('linear'),
            $rung,
            '1',
            '3',
            Wishes::none(),
        ))[0];
    }
}
