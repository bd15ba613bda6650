<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Sets\SeededChance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Answer\NoSolutionAnswer;
use Runel\Job\Jobs;
use Runel\Marking\LineVerdict;
use Runel\Marking\Marker;
use Runel\Message\BadRequest;
use Runel\Notation\Ascii;
use Runel\Practice\Made;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** Pages of work with one slip made on purpose: which line is wrong is proved, and that all others follow. */
final class SlippedPageTest extends TestCase
{
    /** @return iterable<string, array{string, Slip, int}> how many to make, too: some are told apart in few only */
    public static function wishes(): iterable
    {
        $wishes = [
            ['linear', Slip::MinusNotCarried, 1],
            ['linear', Slip::FirstTermOnly, 1],
            ['linear', Slip::SignNotTurned, 1],
            ['multiply-special', Slip::DoubleProductForgotten, 1],
            ['multiply-binomials', Slip::SignOfProduct, 1],
            // Many of its outcomes are what another slip writes, too: those are not taken.
            ['multiply-binomials', Slip::SignsIgnored, 2],
            ['square-solve', Slip::MinusOfBLost, 1],
            ['square-solve', Slip::AddedToOneSide, 4],
            ['square-solve', Slip::HalfNotSquared, 1],
        ];
        foreach ($wishes as [$skill, $slip, $seeds]) {
            yield "$skill, $slip->value" => [$skill, $slip, $seeds];
        }
    }

    #[DataProvider('wishes')]
    public function testOneLineIsWrongAndAllOthersFollow(string $skill, Slip $slip, int $seeds): void
    {
        $made = self::made($skill, $slip, Chance::seeds($seeds));
        if ($skill === 'linear') {
            $again = self::made($skill, $slip, Chance::seeds($seeds));
            $seen = static fn(Made $one): array => [$one->problem, $one->page];
            self::assertEquals(
                array_map($seen, $made),
                array_map($seen, $again),
                'the same seed makes the same pages',
            );
        }
        foreach ($made as $one) {
            $page = $one->page;
            self::assertNotNull($page);
            self::assertSame($slip, $page->slip);
            self::assertGreaterThan(1, \count($page->lines));
            $task = $one->demonstration->task;
            $job = $one->demonstration->job;
            $typed = array_map(Ascii::write(...), $page->lines);
            $marking = Marker::mark(Jobs::catalogue(), $task, $job, $typed);
            self::assertFalse($marking->finished, $one->problem);
            foreach ($marking->lines as $place => $line) {
                $where = "$one->problem: " . implode(' / ', $typed) . ", line $line->typed";
                $expected = match (true) {
                    $place + 1 < $page->at => LineVerdict::Follows,
                    $place + 1 === $page->at => LineVerdict::Wrong,
                    default => LineVerdict::FollowsWrong,
                };
                self::assertSame($expected, $line->verdict, $where);
                self::assertSame($place + 1 === $page->at ? $slip : null, $line->slip, $where);
                self::assertNotSame($place > 0 ? $typed[$place - 1] : '', $typed[$place], 'no line stands twice');
            }
            // Who takes the right lines on to the end is done.
            $answer = $one->demonstration->answer;
            $mended = [...\array_slice($typed, 0, $page->at - 1), $answer instanceof NoSolutionAnswer
                ? 'no real solution'
                : Ascii::write($answer->node())];
            self::assertTrue(Marker::mark(Jobs::catalogue(), $task, $job, $mended)->finished, $one->problem);
        }
    }

    public function testASlipThatCannotBeMadeThereIsSaidSo(): void
    {
        try {
            self::made('multiply-binomials', Slip::MinusOfBLost, 1);
            self::fail('A product has no formula to slip in.');
        } catch (BadRequest $refusal) {
            self::assertSame('practice.impossible', $refusal->reason->key);
        }
    }

    /** @return non-empty-list<Made> */
    private static function made(string $skill, Slip $slip, int $seeds): array
    {
        return Maker::make(Jobs::catalogue(), new SeededChance(), HouseStyle::default(), Order::of(
            Jobs::ladders()->of($skill),
            '',
            (string) min(20, 3 * $seeds),
            '11',
            Wishes::of(['slip' => $slip->value]),
        ));
    }
}
