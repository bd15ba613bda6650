<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Sets\SeededChance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** Right work, written as people write it, is never called wrong. */
final class NaturalWorkTest extends TestCase
{
    private const ACCUSED = [
        LineVerdict::Wrong,
        LineVerdict::SideWrong,
        LineVerdict::Unreadable,
        LineVerdict::FollowsWrong,
        LineVerdict::Undecided,
    ];

    /** @return iterable<string, array{string}> */
    public static function skills(): iterable
    {
        foreach (Jobs::ladders()->all as $ladder) {
            yield $ladder->skill() => [$ladder->skill()];
        }
    }

    /** By every way there is, by somebody who skips, swaps, rounds, remarks and lays it out in a way of their own. */
    #[DataProvider('skills')]
    public function testRightWorkInAnyHandIsNotAccused(string $skill): void
    {
        $ladder = Jobs::ladders()->of($skill);
        $pages = 0;
        for ($seed = 1; $seed <= Chance::seeds(4); ++$seed) {
            $order = Order::of($ladder, '', '4', (string) (31 * $seed), Wishes::of([]));
            foreach (Maker::make(Jobs::catalogue(), new SeededChance(), HouseStyle::default(), $order) as $made) {
                $task = new Task(Problem::read($made->problem), HouseStyle::default());
                foreach (Jobs::all()->of($ladder->job())->methods() as $number => $method) {
                    try {
                        $demonstration = Jobs::catalogue()->demonstrate($task, $ladder->job(), $method->id());
                    } catch (Refusal) {
                        continue;
                    }
                    $page = (new Hand(new Chance(1000 * $seed + $number)))->page($demonstration);
                    $marking = Marker::mark(Jobs::catalogue(), $task, $ladder->job(), $page);
                    $where = "$made->problem by {$method->id()}: " . implode(' ¶ ', $page);
                    foreach ($marking->lines as $line) {
                        self::assertNotContains(
                            $line->verdict,
                            self::ACCUSED,
                            "$where at $line->typed: {$line->say->key}",
                        );
                        self::assertStringStartsNotWith('marking.coincidence', $line->say->key, $where);
                    }
                    // Who lets a false value go without a word has not said so.
                    self::assertTrue(
                        $marking->finished || $this->rejects($demonstration),
                        "$where wants {$marking->wants?->value}",
                    );
                    ++$pages;
                    // What is let through must not be let through whatever it says.
                    $last = (string) array_pop($page);
                    if (preg_match('/[.(|][^=]*$/', $last) !== 1) {
                        $spoiled = preg_replace_callback(
                            '/\d(?=\D*$)/',
                            static fn(array $digit): string => (string) ((int) $digit[0] + 1),
                            $last,
                        );
                        $lines = [...$page, (string) $spoiled];
                        $marking = Marker::mark(Jobs::catalogue(), $task, $ladder->job(), $lines);
                        // What is said once more on a branch spoils nothing.
                        self::assertTrue(
                            $marking->finished === ($spoiled === $last) || \in_array($spoiled, $page, true),
                            "$where, and then $spoiled",
                        );
                    }
                }
            }
        }
        self::assertGreaterThan(Chance::seeds(12), $pages);
    }

    /** Every line of every way of ours, alone on a page: work, one of several branches, or what stands beside it. */
    #[DataProvider('skills')]
    public function testEveryLineOfOursIsRightByItself(string $skill): void
    {
        $ladder = Jobs::ladders()->of($skill);
        $count = 0;
        for ($seed = 1; $seed <= Chance::seeds(1); ++$seed) {
            $order = Order::of($ladder, '', '3', (string) (97 * $seed), Wishes::of([]));
            foreach (Maker::make(Jobs::catalogue(), new SeededChance(), HouseStyle::default(), $order) as $made) {
                $task = new Task(Problem::read($made->problem), HouseStyle::default());
                foreach (Jobs::all()->of($ladder->job())->methods() as $method) {
                    try {
                        $steps = Jobs::catalogue()->demonstrate($task, $ladder->job(), $method->id())->steps();
                    } catch (Refusal) {
                        continue;
                    }
                    foreach ($steps as $step) {
                        foreach ($step->lines as $own) {
                            $typed = Ascii::typed($own->node);
                            $line = Marker::mark(Jobs::catalogue(), $task, $ladder->job(), [$typed])->lines[0];
                            // What squaring lets in is none of the problem's; one root alone is not both of them.
                            $isPart = ($own->branch !== null || $own->rejected !== null)
                                && ($method->id() === 'isolate-roots' || $line->slip === Slip::PlusMinusForgotten);
                            self::assertFalse(
                                \in_array($line->verdict, self::ACCUSED, true) && !$isPart,
                                "$made->problem by {$method->id()} at $step->id: $typed says {$line->say->key}",
                            );
                            ++$count;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(10, $count);
    }

    /** Pages as they stand: right ones finish, nobody accused; in wrong ones the line is found, and what is said. */
    public function testPagesAsTheyStand(): void
    {
        $wrong = 0;
        foreach (file(__DIR__ . '/../Golden/work.ndjson') ?: [] as $row) {
            /** @var object{problem: string, job: string, lines: list<string>, wrong?: int, says?: string} $page */
            $page = json_decode($row, flags: \JSON_THROW_ON_ERROR);
            $task = new Task(Problem::read($page->problem), HouseStyle::default());
            $marking = Marker::mark(Jobs::catalogue(), $task, $page->job, $page->lines);
            foreach ($marking->lines as $place => $line) {
                if (isset($page->wrong) && $place + 1 >= $page->wrong) {
                    $isFound = \in_array($line->verdict, [LineVerdict::Wrong, LineVerdict::SideWrong], true);
                    self::assertTrue($isFound, "$row at $line->typed");
                    self::assertSame($page->says ?? '', $line->say->key, $row);
                    ++$wrong;
                    continue 2;
                }
                self::assertNotContains($line->verdict, self::ACCUSED, "$row at $line->typed: {$line->say->key}");
            }
            self::assertTrue($marking->finished, "$row wants {$marking->wants?->value}");
        }
        self::assertGreaterThan(20, $wrong);
    }

    /** Of single points of a curve those that are sought are known; why another was written nobody can tell. */
    public function testPointsOfACurveAreKnownOrLeftAlone(): void
    {
        foreach ([
            'y = -4' => 'side', 'y = 7' => 'beside', 'x = 3' => 'side', 'x = 4' => 'beside', 'x = 3, y = 7' => 'beside',
            'x = 1 or x = 5' => 'side', 'x = 1 or x = 4' => 'beside', 'f(3) = -4' => 'side', 'f(3) = 4' => 'side-wrong',
            'x^2 - 6x + 5 = 0' => 'beside', 'y = x^2 - 6x + 4' => 'copied',
        ] as $line => $key) {
            self::assertSame("marking.$key", $this->said('y=x^2-6x+5', $line)->key, $line);
        }
    }

    /** What follows by luck only is told, and by what sound step does not. */
    public function testWhatFollowsByLuckIsTold(): void
    {
        foreach ([
            ['(x+3)(2-x)=4', 'x+3=4 or 2-x=4', 'slip.product-not-zero.diagnosis'],
            ['x/5-1=-1', 'x-1=-1', 'slip.fraction-cleared-one-term.diagnosis'],
            ['(2x-1)^2=1', '4x^2+1=1', null],
            ['(x-5)^2=-8', '16=-8', 'slip.letter-dropped.diagnosis'],
        ] as [$problem, $line, $reason]) {
            $say = $this->said($problem, $line);
            self::assertSame($reason === null ? 'marking.coincidence-only' : 'marking.coincidence', $say->key, $line);
            $told = $say->parameters['reason'] ?? null;
            self::assertSame($reason, $told instanceof Message ? $told->key : null, $line);
        }
        foreach ([
            ['(x+3)(2-x)=0', 'x+3=0 or 2-x=0'], ['x/5-1=-1', 'x-5=-5'], ['(x-5)^2=9', 'x-5=3 or x-5=-3'],
            ['2x+6=10', 'x=2'], ['3(x+2)=2(x+3)', '3x+6=2x+6'], ['5-2x=5', '5=5+2x'],
        ] as [$problem, $line]) {
            self::assertSame('marking.follows', $this->said($problem, $line)->key, $line);
        }
    }

    private function said(string $problem, string $line): Message
    {
        $task = new Task(Problem::read($problem), HouseStyle::default());

        return Marker::mark(Jobs::catalogue(), $task, 'solve', [$line])->lines[0]->say;
    }

    /** Both branches begun, then each gone on with: the lines belong to two branches, not to four. */
    public function testABranchIsGoneBackTo(): void
    {
        $marking = Marker::mark(
            Jobs::catalogue(),
            new Task(Problem::read('x^2-5x+6=0'), HouseStyle::default()),
            'solve',
            ['(x-2)(x-3)=0', 'x-2=0', 'x-3=0', 'x=2', 'x=3'],
        );
        self::assertSame(
            [null, '1', '2', '1', '2'],
            array_map(static fn(MarkedLine $line): ?string => $line->branch, $marking->lines),
        );
    }

    /** A slip on one branch accuses no right one behind it, and the whole is not finished. */
    public function testARightBranchBehindAWrongOne(): void
    {
        foreach ([['x^2-4x-21=0', ['(x-7)(x+3)=0', 'x=8', 'x=-3']], ['2x^2-5x-1=0', ['x=2.6', 'x=-0.19']]] as $page) {
            $task = new Task(Problem::read($page[0]), HouseStyle::default());
            $marking = Marker::mark(Jobs::catalogue(), $task, 'solve', $page[1]);
            [$wrong, $right] = \array_slice($marking->lines, -2);
            self::assertSame(LineVerdict::Wrong, $wrong->verdict, $wrong->typed);
            self::assertSame(LineVerdict::Follows, $right->verdict, $right->typed);
            self::assertFalse($marking->finished);
        }
    }

    private function rejects(Demonstration $demonstration): bool
    {
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->rejected !== null) {
                    return true;
                }
            }
        }

        return false;
    }
}
