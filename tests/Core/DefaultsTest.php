<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Message\Refusal;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Which job and which way is taken where nobody chooses: a method that is added changes none of it unseen. */
final class DefaultsTest extends TestCase
{
    /** @return iterable<array{string, array<string, string>}> typed, and by job, the likeliest first, the way */
    public static function problems(): iterable
    {
        yield ['(x+3)(x-7)', ['multiply' => 'grid']];
        yield ['(2x-3)(x^2+4x-1)', ['multiply' => 'grid']];
        yield ['(x+4)^2', ['multiply' => 'grid']];
        yield ['(x^2+1)(x^3-x+2)', ['multiply' => 'grid']];
        yield ['x^2-5x+6', ['factor' => 'trial', 'complete-square' => 'vertex']];
        yield ['15x^2-7x-4', ['factor' => 'trial', 'complete-square' => 'vertex']];
        yield ['9x^2-25', ['factor' => 'special', 'complete-square' => 'vertex']];
        yield ['x^2+10x+25', ['factor' => 'special', 'complete-square' => 'vertex']];
        yield ['4x^2+8x', ['factor' => 'special', 'complete-square' => 'vertex']];
        yield ['x^3-2x^2-5x+6', ['factor' => 'rational-roots']];
        yield ['x^2+6x+1', ['factor' => 'sum-product', 'complete-square' => 'vertex']];
        yield ['2x^2-8x+3=0', ['solve' => 'formula', 'factor' => 'split-middle', 'complete-square' => 'equation']];
        yield ['y=x^2-4x+7', ['complete-square' => 'vertex']];
        yield ['x^2=49', ['solve' => 'square-roots', 'factor' => 'special']];
        yield ['x^2-x-12=0', ['solve' => 'factoring', 'factor' => 'sum-product', 'complete-square' => 'equation']];
        yield ['3x^2+5x-1=0', ['solve' => 'formula', 'factor' => 'split-middle', 'complete-square' => 'equation']];
        yield ['5x+2=2x+11', ['solve' => 'balance']];
        yield ['x/3-2=4', ['solve' => 'balance']];
        yield ['x^3-7x+6=0', ['solve' => 'rational-roots', 'factor' => 'rational-roots']];
        yield ['sqrt(x+6)=x', ['solve' => 'isolate-roots']];
        yield ['(x^3-2x^2+4)/(x-3)', ['divide' => 'synthetic']];
        yield ['(2x^3+x^2-5)/(x^2+1)', ['divide' => 'long']];
        yield ['(x+1)^2-(x-1)^2=4x', ['show' => 'both-sides', 'solve' => 'balance']];
        yield ['v=u+at for t', ['rearrange' => 'balance']];
        yield ['A=1/2(a+b)h for a', ['rearrange' => 'balance']];
        yield ['x^4-5x^2+4=0', ['solve' => 'substitution', 'factor' => 'rational-roots']];
        yield ['3x+2y-x+5y', ['simplify' => 'collect']];
        yield ['3a^2b-2ab^2+a^2b+5ab^2', ['simplify' => 'collect', 'factor' => 'special']];
        yield ['Add 3x + 2y and x - y', ['simplify' => 'collect']];
        yield ['Subtract 1/(x+1) from 3/(x-1)', ['simplify' => 'combine']];
        yield ['(x^2-9)/(x^2+5x+6)', ['simplify' => 'cancel', 'divide' => 'long']];
        yield ['(x^2+5x+6)/(x+2)', ['divide' => 'synthetic', 'simplify' => 'cancel']];
        yield ['(2x+6)/(x+3)', ['simplify' => 'cancel', 'divide' => 'synthetic']];
        yield ['3/(x+1)=2/(x-1)', ['solve' => 'clear-denominators']];
        yield ['(x-1)^3=27', ['solve' => 'powers', 'factor' => 'rational-roots']];
        yield ['3(x+1)^2-12=0', [
            'solve' => 'square-roots', 'factor' => 'sum-product', 'complete-square' => 'equation',
        ]];
    }

    /** @param array<string, string> $ways */
    #[DataProvider('problems')]
    public function testNobodyChooses(string $typed, array $ways): void
    {
        $catalogue = Jobs::catalogue();
        $task = new Task(Problem::read($typed), HouseStyle::default());
        $taken = [];
        foreach (Jobs::all()->ofProblem($task->problem) as $job) {
            try {
                $taken[$job] = $catalogue->demonstrate($task, $job)->method;
            } catch (Refusal) {
                continue;
            }
        }
        self::assertSame($ways, $taken);
    }

    public function testEveryFamilyIsAmongThem(): void
    {
        $jobs = array_merge(...array_map(
            static fn(array $problem): array => array_keys($problem[1]),
            iterator_to_array(self::problems(), false),
        ));
        self::assertEqualsCanonicalizing(
            Jobs::all()->jobs(),
            array_values(array_unique($jobs)),
        );
    }

    public function testWhatWasKeptWithoutAJobOpensAsItDid(): void
    {
        foreach ([
            '(x^2-9)/(x^2+5x+6)' => 'divide',
            '(6x+4)/4' => 'multiply',
            '3a^2b-2ab^2+a^2b+5ab^2' => 'factor',
            '(x^3-1)/(x-1)' => null,
            '3x+2y-x+5y' => null,
            'Simplify (x^2-9)/(x^2+5x+6)' => null,
        ] as $typed => $job) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            self::assertSame($job, Jobs::all()->keptWithout($task), $typed);
        }
    }

    /** What was kept before a default or a name changed is read as it was meant. */
    public function testWhatWasKeptUnderEarlierDefaultsIsReadWithThem(): void
    {
        $kept = ['middle-terms' => 'in-head', 'times' => 'cross'];
        $then = HouseStyle::of($kept + HouseStyle::UNNUMBERED)->all();
        self::assertSame(['in-head-last', 'shown', 'by-sum'], [
            $then['middle-terms'], $then['verdict'], $then['pair-order'],
        ]);
        $first = HouseStyle::of($kept + [HouseStyle::NUMBER => '1'])->all();
        self::assertSame(['in-head-last', 'shown', 'from-one'], [
            $first['middle-terms'], $first['verdict'], $first['pair-order'],
        ]);
        $chosen = HouseStyle::of($kept + ['verdict' => 'held', HouseStyle::NUMBER => '2'])->all();
        self::assertSame('held', $chosen['verdict'], 'what was chosen stays chosen');
        $now = HouseStyle::of($kept);
        self::assertSame(['in-head', 'held'], [$now->all()['middle-terms'], $now->all()['verdict']]);
        self::assertEquals($now, HouseStyle::of($now->kept()), 'what is kept today comes back');
        self::assertSame((string) HouseStyle::DEFAULTS, $now->kept()[HouseStyle::NUMBER]);
    }
}
