<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Rewriter;
use Runel\Job\Jobs;
use Runel\Learning\Learned;
use Runel\Learning\Road;
use Runel\Learning\StyleLearner;
use Runel\Message\Refusal;
use Runel\Notation\Arranger;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Somebody's lines teach the habits they are written in. */
final class LearningTest extends TestCase
{
    private const ROADS = [
        ['2x^2+12x-14=0', 'solve', 'completing-square'], ['3x^2-5x-2=0', 'solve', 'completing-square'],
        ['x^2+6x+4=0', 'solve', 'completing-square'], ['(2x-3)^2=50', 'solve', 'square-roots'],
        ['5x+4=2x+19', 'solve', 'balance'], ['17=2x+3', 'solve', 'balance'], ['x/2+x/3=5', 'solve', 'balance'],
        ['x^2+x-42', 'factor', 'sum-product'], ['-3x^2+10x+8', 'factor', 'trial'], ['2x^2-5x-3', 'factor', 'cross'],
        ['(2x+1)(x+4)', 'multiply', 'term-by-term'], ['(x^2+3)(x+2)', 'multiply', 'grid'],
        ['x^2-4x+1=0', 'solve', 'formula'], ['10-3x-x^2=0', 'solve', 'factoring'],
    ];

    /** Whatever the habits, our own lines teach them again, or others that write the same lines. */
    public function testOurOwnLinesTeachTheirStyle(): void
    {
        $seen = 0;
        for ($seed = 1; $seed <= Chance::seeds(16); ++$seed) {
            $chance = new Chance($seed);
            [$problem, $job, $method] = self::ROADS[$chance->dice->getInt(0, \count(self::ROADS) - 1)];
            try {
                $road = self::show($problem, $job, $method, $chance->style());
            } catch (Refusal) {
                continue;
            }
            $lines = self::lines($road);
            $learned = self::learn([[$problem, $lines]], $job);
            $where = "$problem by $method, seed $seed: " . json_encode($road->task->style->chosen());
            $again = self::show($problem, $learned->job, $learned->method, $learned->style);
            self::assertTrue(Road::of($road)->equals(Road::of($again)), $where);
            self::assertSame(\count($lines), $learned->count(), $where);
            foreach (array_keys($learned->style->chosen()) as $key) {
                $plainer = $learned->style->with($key, HouseStyle::default()->all()[$key]);
                $other = self::show($problem, $learned->job, $learned->method, $plainer);
                self::assertFalse(Road::of($other)->equals(Road::of($again)), "$where: $key tells nothing");
            }
            ++$seen;
        }
        self::assertGreaterThan(Chance::seeds(14), $seen);
    }

    /**
     * @param list<string>          $lines
     * @param array<string, string> $style
     */
    #[DataProvider('hands')]
    public function testAPageOfSomebodysTeaches(string $problem, array $lines, string $method, array $style): void
    {
        $learned = self::learn([[$problem, $lines]], null);
        self::assertSame([$method, \count($lines)], [$learned->method, $learned->count()]);
        self::assertEquals($style, $learned->style->chosen());
    }

    /** @return iterable<array{string, list<string>, string, array<string, string>}> */
    public static function hands(): iterable
    {
        yield ['2x²+12x-14=0', ['x²+6x-7=0', 'x²+6x=7', 'x²+6x+3²=7+3²', '(x+3)²=16', 'x+3=±4', 'x=1, x=-7'],
            'completing-square', ['moving' => 'across', 'square-order' => 'divide-first', 'half-squared' => 'keep']];
        yield ['5x + 4 = 2x + 19', ['5x = 2x + 15', '3x = 15', 'x = 5'], 'balance', [
            'moving' => 'across', 'collect-first' => 'numbers',
        ]];
        yield ['17 = 2x + 3', ['14 = 2x', '7 = x', 'x = 7'], 'balance', [
            'moving' => 'across', 'sides-turned' => 'at-end',
        ]];
    }

    public function testNothingIsLearnedFromWhatIsWrongOrUnknown(): void
    {
        $learned = self::learn([['5x+4=2x+19', ['banana', '7x=9', '3x=15', 'x=5']]], null);
        self::assertSame([0, 1], $learned->unmatched(0));
        self::assertSame([1], $learned->examples[0]->wrong());
        self::assertSame([[0, null], [1, null], [null, 0]], \array_slice($learned->rows(0, 4), 0, 3));
        $nothing = self::learn([['5x+4=2x+19', ['25x+20=10x+95']]], null);
        self::assertSame(0, $nothing->count());
    }

    public function testExamplesThatContradictOneAnotherAreNamed(): void
    {
        $learned = self::learn([
            ['5x+4=2x+19', ['3x+4=19', '3x=15', 'x=5']],
            ['7x-3=4x+9', ['7x=4x+12', '3x=12', 'x=4']],
        ], null);
        self::assertSame(['collect-first'], $learned->contradicted);
        self::assertSame([], self::learn([
            ['5x+4=2x+19', ['3x+4=19', '3x=15', 'x=5']],
            ['7x-3=4x+9', ['3x-3=9', '3x=12', 'x=4']],
        ], null)->contradicted);
    }

    /** @param non-empty-list<array{string, list<string>}> $examples */
    private static function learn(array $examples, ?string $job): Learned
    {
        $catalogue = Jobs::catalogue();
        $read = [];
        foreach ($examples as [$problem, $lines]) {
            $read[] = StyleLearner::example($catalogue, $problem, $lines, $job);
        }

        return StyleLearner::learn($catalogue, $read);
    }

    private static function show(string $problem, string $job, string $method, HouseStyle $style): Demonstration
    {
        return Jobs::catalogue()->demonstrate(new Task(Problem::read($problem), $style), $job, $method);
    }

    /** @return list<string> as people type them */
    private static function lines(Demonstration $demonstration): array
    {
        [$writer, $arranger] = [new PlainText(), new Arranger(TimesSign::Dot)];
        $lines = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->link !== Link::Given) {
                    $lines[] = $writer->write($arranger->arrange(Rewriter::unmarked($line->node)));
                }
            }
        }

        return $lines;
    }
}
