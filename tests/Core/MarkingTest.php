<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Proof\Proof;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Style\HouseStyle;

/** A person's lines: right ones follow whatever road they take, and a slip is found where it was made. */
final class MarkingTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Catalogue::standard();
    }

    /** @return iterable<string, array{Job}> */
    public static function jobs(): iterable
    {
        foreach (Job::cases() as $job) {
            yield $job->value => [$job];
        }
    }

    /** The lines of every way follow and finish, and so they do with any of them left out. */
    #[DataProvider('jobs')]
    public function testOurOwnLinesFollowWithAnyOfThemLeftOut(Job $job): void
    {
        $marked = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $chance = new Chance($seed);
            $task = new Task(Problem::read(self::problem($job, $chance)), HouseStyle::default());
            foreach ($this->catalogue->ofJob($job) as $method) {
                try {
                    $demonstration = $this->catalogue->demonstrate($task, $job->value, $method->id());
                } catch (Refusal) {
                    continue;
                }
                $lines = self::lines($demonstration);
                $last = array_pop($lines);
                $kept = array_values(array_filter(
                    $lines,
                    static fn(): bool => $seed % 2 === 0 || $chance->dice->getInt(0, 1) === 1,
                ));
                $where = "seed $seed, {$task->problem->source}, {$method->id()}: ";
                $marking = $this->mark($task, $job, [...$kept, (string) $last]);
                foreach ($marking->lines as $line) {
                    self::assertContains(
                        $line->verdict,
                        [LineVerdict::Follows, LineVerdict::Same],
                        $where . $line->typed,
                    );
                    self::assertTrue($line->holds, $where . $line->typed);
                    ++$marked;
                }
                self::assertTrue($marking->finished, "$where$last wants {$marking->wants?->value}");
            }
        }
        self::assertGreaterThan(90, $marked);
    }

    /** One slip done on purpose after a right line is found in the line where it stands, and mostly by its name. */
    public function testASlipIsFoundWhereItIsMadeAndNamed(): void
    {
        $made = 0;
        $unnamed = [];
        for ($seed = 1; $seed <= 90; ++$seed) {
            $chance = new Chance($seed);
            $job = $chance->one([Job::Multiply, Job::Factor, Job::Solve]);
            $task = new Task(Problem::read(self::problem($job, $chance)), HouseStyle::default());
            $nodes = self::nodes($this->catalogue->demonstrate($task, $job->value));
            array_pop($nodes);
            $nodes = [$task->problem->node, ...$nodes];
            $place = $chance->dice->getInt(0, \count($nodes) - 1);
            $slipped = self::slips($nodes[$place]);
            if ($slipped === []) {
                continue;
            }
            [$slip, $wrong] = $chance->one($slipped);
            $before = array_map(Ascii::write(...), \array_slice($nodes, 1, $place));
            $marking = $this->mark($task, $job, [...$before, Ascii::write($wrong)]);
            $line = $marking->lines[\count($marking->lines) - 1];
            $where = "seed $seed, {$task->problem->source}: {$line->typed}";
            self::assertSame(LineVerdict::Wrong, $line->verdict, "$where for $slip->value");
            self::assertFalse($line->holds, $where);
            self::assertFalse($marking->finished, $where);
            foreach (\array_slice($marking->lines, 0, -1) as $right) {
                self::assertTrue($right->holds, "$where, before it {$right->typed}");
            }
            ++$made;
            $same = array_filter(
                $slipped,
                static fn(array $other): bool => $other[0] === $line->slip && self::isSame($other[1], $wrong),
            );
            if ($same === []) {
                $unnamed[] = "$where is $slip->value, said {$line->slip?->value}";
            }
        }
        self::assertGreaterThan(50, $made);
        self::assertLessThanOrEqual($made * 0.05, \count($unnamed), implode("\n", $unnamed));
    }

    /** @return iterable<string, array{string, list<string>, list<string>, string|null}> verdicts, and what is wanted */
    public static function pages(): iterable
    {
        yield 'solutions with or' => ['x^2+2x-15=0', ['(x+5)(x-3)=0', 'x=3 or x=-5'], ['follows', 'follows'], null];
        yield 'commas and a lone number' => ['x^2+2x-15=0', ['x = 3, -5'], ['follows'], null];
        yield 'plus or minus' => ['x^2=16', ['x=±4'], ['follows'], null];
        yield 'twice' => ['x^2-6x+9=0', ['x = 3 (twice)'], ['follows'], null];
        yield 'one root of two' => ['x^2=16', ['x=4'], ['wrong'], 'wrong-line'];
        yield 'no real solution' => ['x^2+4=0', ['x^2=-4', 'no real solution'], ['follows', 'follows'], null];
        yield 'no solution, wrongly' => ['x^2-4=0', ['no solution'], ['wrong'], 'wrong-line'];
        yield 'all numbers' => ['2(x+1)=2x+2', ['2x+2=2x+2', 'all numbers'], ['follows', 'follows'], null];
        yield 'remainder' => ['(x^2+3x+5)/(x+1)', ['x+2 remainder 3'], ['follows'], null];
        yield 'remainder by letter' => ['(x^2+3x+5)/(x+1)', ['x+2 r 3'], ['follows'], null];
        yield 'chain' => ['(x+2)(x+3)', ['(x+2)(x+3) = x^2+3x+2x+6 = x^2+5x+6'], ['follows'], null];
        yield 'chain with a slip' => ['(x+2)(x+3)', ['(x+2)(x+3) = x^2+3x+2x+5 = x^2+5x+5'], ['wrong'], 'wrong-line'];
        yield 'side work' => ['x^2+2x-15=0', ['5*3=15', '(x+5)(x-3)=0'], ['side', 'follows'], 'unknown-not-alone'];
        yield 'false side work' => ['x^2+2x-15=0', ['5*3=16'], ['side-wrong'], 'no-lines'];
        yield 'follow-through' => [
            '3(x-2)=2x+9',
            ['3x-2=2x+9', 'x-2=9', 'x=11'],
            ['wrong', 'follows-wrong', 'follows-wrong'],
            'wrong-line',
        ];
        yield 'two slips that mend each other' => ['2x+3=7', ['2x=10', 'x=2'], ['wrong', 'follows'], null];
        yield 'false root kept' => [
            'sqrt(x+3)=x-3',
            ['x+3=x^2-6x+9', 'x=1 or x=6'],
            ['follows', 'follows'],
            'extraneous-kept',
        ];
        yield 'not factored completely' => ['2x^2+6x+4', ['2(x^2+3x+2)'], ['follows'], 'not-factored-completely'];
        yield 'not in lowest terms' => ['4x=6', ['x=6/4'], ['follows'], 'not-lowest-terms'];
        yield 'unreadable, nothing lost' => ['2x+3=7', ['2x+=4', 'x=2'], ['unreadable', 'follows'], null];
        yield 'the same again' => ['2x+3=7', ['2x+3=7', 'x=2'], ['same', 'follows'], null];
        yield 'a formula' => ['A=1/2(a+b)h for b', ['2A=(a+b)h', 'b=2A/h-a'], ['follows', 'follows'], null];
    }

    /**
     * @param list<string> $lines
     * @param list<string> $verdicts
     */
    #[DataProvider('pages')]
    public function testWhatPeopleWriteIsRead(string $problem, array $lines, array $verdicts, ?string $wants): void
    {
        $task = new Task(Problem::read($problem), HouseStyle::default());
        $marking = $this->mark($task, $task->problem->jobs[0], $lines);
        self::assertSame($verdicts, array_map(
            static fn(MarkedLine $line): string => $line->verdict->value,
            $marking->lines,
        ));
        self::assertSame($wants, $marking->wants?->value);
        self::assertSame($wants === null, $marking->finished);
    }

    /** @param list<string> $lines */
    private function mark(Task $task, Job $job, array $lines): Marking
    {
        return Marker::mark($this->catalogue, $task, $job, $lines);
    }

    /** @return list<array{Slip, Node}> every slip that can be made in a line and changes it */
    private static function slips(Node $line): array
    {
        $slips = [];
        foreach (WrongRules::all() as $rule) {
            foreach ($rule->wrong($line) as $wrong) {
                if (!self::isSame($line, $wrong)) {
                    $slips[] = [$rule->slip(), $wrong];
                }
            }
        }

        return $slips;
    }

    private static function isSame(Node $one, Node $other): bool
    {
        return match (true) {
            $one instanceof Expression && $other instanceof Expression => (new Proof())->same($one, $other),
            $one instanceof Expression || $other instanceof Expression => false,
            default => (new Proof())->follows($one, $other)->keepsSolutions(),
        };
    }

    /** @return list<string> */
    private static function lines(Demonstration $demonstration): array
    {
        return array_map(Ascii::write(...), self::nodes($demonstration));
    }

    /** @return list<Node> the lines that carry the work on, to the answer */
    private static function nodes(Demonstration $demonstration): array
    {
        $nodes = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if (!\in_array($line->link, [Link::Side, Link::Given], true) && $line->branch === null) {
                    $nodes[] = $line->node instanceof Expression ? Rewriter::unmarked($line->node) : $line->node;
                }
            }
        }

        return $nodes;
    }

    private static function problem(Job $job, Chance $chance): string
    {
        $number = static fn(int $most = 9): int => $chance->dice->getInt(1, $most) * $chance->one([1, -1]);
        $letter = $chance->one(['x', 't', 'n']);
        $linear = static fn(int $front): string => ($front === 1 ? '' : $front) . $letter . sprintf('%+d', $number());
        $quadratic = static fn(): string => $chance->polynomial(
            array_map(
                strval(...),
                self::product($chance->one([1, 1, 2, 3]), $number(), $chance->one([1, 2]), $number()),
            ),
            $letter,
        );

        return match ($job) {
            Job::Multiply => $chance->one([
                "({$linear($chance->one([1, 2, 5]))})({$linear($chance->one([1, 3, 4]))})",
                "({$linear(1)})^2",
                "{$chance->dice->getInt(2, 9)}$letter({$linear(3)})",
            ]),
            Job::Factor => $quadratic(),
            Job::Solve => $chance->one([
                $quadratic() . '=0',
                "{$chance->dice->getInt(2, 9)}({$linear(2)})={$linear(3)}",
                "{$linear(4)}={$linear(7)}",
                "$letter/{$chance->dice->getInt(2, 9)}" . sprintf('%+d', $number()) . '=' . $number(),
            ]),
            Job::Divide => "({$chance->polynomial($chance->coefficients(3), $letter)})/({$linear(1)})",
            Job::Rearrange => $chance->one(['v=u+at for t', 'P=2a+2b for b', 'E=1/2mv^2 for v', 'y=(x+1)/(x-2) for x']),
            Job::CompleteSquare => $letter . '^2' . sprintf('%+d', 2 * $number()) . $letter . sprintf('%+d', $number()),
        };
    }

    /** @return non-empty-list<int> the coefficients of (a x + b)(c x + d) */
    private static function product(int $a, int $b, int $c, int $d): array
    {
        return [$a * $c, $a * $d + $b * $c, $b * $d];
    }
}
