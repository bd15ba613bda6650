<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Job\Jobs;
use Runel\Marking\Guidance;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Marking\SideBySide;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Wanting;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Proof\Effort;
use Runel\Proof\Entailment;
use Runel\Proof\Proof;
use Runel\Slip\FactoringRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Style\HouseStyle;

/** A person's lines: right ones follow whatever road they take, and a slip is found where it was made. */
final class MarkingTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach (Jobs::all()->jobs() as $job) {
            yield $job => [$job];
        }
    }

    /** @return iterable<string, array{string}> those whose work is one chain of lines */
    public static function chains(): iterable
    {
        foreach (self::jobs() as $name => $job) {
            if ($name !== 'show') {
                yield $name => $job;
            }
        }
    }

    /** Both sides of an identity, written down in any layout, are followed until they meet; a wrong number is not. */
    public function testTwoSidesAreWorkedUntilTheyMeet(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(40); ++$seed) {
            $chance = new Chance($seed);
            $n = $chance->dice->getInt(2, 9);
            [$square, $twice] = [$n ** 2, 2 * $n];
            $task = new Task(Problem::read("show that (x+$n)^2-$square = x(x+$twice)"), HouseStyle::default());
            $left = $chance->one(["x^2+{$twice}x+$square-$square", "x^2+{$n}x+{$n}x+$square-$square"]);
            $end = "x^2+{$twice}x";
            $lines = $chance->one([
                ["LHS = $left", "= $end", "= x(x+$twice)", 'as required'],
                ["(x+$n)^2-$square = $left = $end", "RHS = x(x+$twice) = $end", 'LHS = RHS'],
                [$left, $end, "x(x+$twice)"],
                ["x(x+$twice) = $end", "(x+$n)^2-$square = $left", "= $end"],
                ["$left = $end", "$end = $end"],
            ]);
            $marking = $this->mark($task, 'show', $lines);
            foreach ($marking->lines as $line) {
                self::assertFalse($line->verdict->isFault(), "seed $seed: $line->typed");
            }
            self::assertTrue($marking->finished, "seed $seed: " . implode(' / ', $lines));
            $open = $this->mark($task, 'show', [$left]);
            self::assertFalse($open->finished);
            self::assertSame(Wanting::BothSides, $open->wants);
            $wrong = $twice + $chance->one([1, -1, $n]);
            $slipped = $this->mark($task, 'show', ["LHS = x^2+{$wrong}x", "=$end"]);
            self::assertSame(LineVerdict::Wrong, $slipped->lines[0]->verdict, "seed $seed");
        }
    }

    /** Two slips at two places of one line are told as two, and of a line that one slip makes nothing more is said. */
    public function testTwoSlipsInOneLineAreToldAsTwo(): void
    {
        foreach (['3(x-2)-(x-4)=10' => '3x-2-x-4=10', '2(x+5)-3(x-2)=7' => '2x+5-3x-6=7'] as $problem => $line) {
            $task = new Task(Problem::read($problem), HouseStyle::default());
            $marked = $this->mark($task, 'solve', [$line])->lines[0];
            self::assertSame([Slip::MinusNotCarried, Slip::FirstTermOnly], $marked->slips, $problem);
            self::assertSame('marking.two-slips', $marked->say->key);
        }
        $task = new Task(Problem::read('3(x-2)-(x-4)=10'), HouseStyle::default());
        self::assertSame([], $this->mark($task, 'solve', ['3x-6-x-4=10'])->lines[0]->slips);
    }

    /** A line that can be read in two ways is wrong only if both are, and either may say why. */
    public function testAReasonIsFoundInEitherReading(): void
    {
        foreach ([
            '(x^2-9)/(x^2+3x)' => ['-9/3x', Slip::TermCancelled],
            '1/a+1/b' => ['2/ab', Slip::FractionsAddedAcross],
        ] as $problem => [$line, $slip]) {
            $task = new Task(Problem::read($problem), HouseStyle::default());
            $marked = $this->mark($task, 'simplify', [$line])->lines[0];
            self::assertSame(LineVerdict::Wrong, $marked->verdict, $problem);
            self::assertSame($slip, $marked->slip, $problem);
        }
    }

    /** @return iterable<string, array{string, list<string>, string}> */
    public static function pieces(): iterable
    {
        yield 'both roots' => ['x^2-5x+6=0', ['(x-2)(x-3)=0', 'x=2 or x=3'], '3/3 2/2 0/0'];
        yield 'one root' => ['x^2-5x+6=0', ['(x-2)(x-3)=0', 'x=2'], '3/3 1/2 0/0'];
        yield 'follow-through' => ['x^2-5x+6=0', ['(x+2)(x+3)=0', 'x=-2 or x=-3'], '2/3 0/2 0/0 through'];
        yield 'begun' => ['x^2-5x+6=0', ['(x-2)(x-3)=0'], '1/3 0/2 0/0'];
        yield 'a number off costs no method' => [
            '4(x-3)-2(x-5)=12',
            ['4x-12-2x+10=12', '2x-2=12', '2x=14', 'x=8'],
            '2/2 0/1 0/0',
        ];
        yield 'a slip of method does' => [
            '4(x-3)-2(x-5)=12',
            ['4x-12-2x-10=12', '2x-22=12', '2x=34', 'x=17'],
            '1/2 0/1 0/0 through',
        ];
        yield 'rounded as asked' => [
            'Solve 4x^2+x-2=0 to 2 decimal places',
            ['x=(-1+sqrt(33))/8 or x=(-1-sqrt(33))/8', 'x=0.59 or x=-0.84'],
            '2/2 2/2 1/1',
        ];
        yield 'left exact' => [
            'Solve 4x^2+x-2=0 to 2 decimal places',
            ['x=(-1+sqrt(33))/8 or x=(-1-sqrt(33))/8'],
            '2/2 2/2 0/1',
        ];
        yield 'nothing' => ['3x+5=20', [], '0/1 0/1 0/0'];
    }

    /** @param list<string> $lines */
    #[DataProvider('pieces')]
    public function testPointsAreProposed(string $problem, array $lines, string $proposed): void
    {
        $task = new Task(Problem::read($problem), HouseStyle::default());
        $marks = $this->mark($task, Jobs::all()->ofProblem($task->problem)[0], $lines)->marks();
        self::assertNotNull($marks);
        self::assertSame($proposed, trim("$marks->method/$marks->methodOf $marks->result/$marks->resultOf "
            . "$marks->form/$marks->formOf " . ($marks->isThrough ? 'through' : '')));
        foreach (range(1, 12) as $of) {
            $scaled = $marks->outOf($of);
            self::assertSame($of, $scaled->of());
            $isAll = $marks->points() === $marks->of();
            self::assertTrue(!$isAll || $scaled->points() === $of, 'all stays all');
            self::assertTrue($marks->points() > 0 || $scaled->points() === 0, 'nothing stays nothing');
            self::assertLessThanOrEqual($of, $scaled->points());
        }
    }

    /** The lines of every way follow and finish, and so they do with any of them left out. */
    #[DataProvider('chains')]
    public function testOurOwnLinesFollowWithAnyOfThemLeftOut(string $job): void
    {
        $marked = 0;
        for ($seed = 1; $seed <= Chance::seeds(40); ++$seed) {
            $chance = new Chance($seed);
            $task = new Task(Problem::read(self::problem($job, $chance)), HouseStyle::default());
            foreach (Jobs::all()->of($job)->methods() as $method) {
                try {
                    $demonstration = $this->catalogue->demonstrate($task, $job, $method->id());
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
                self::assertSame($marking->marks()?->of(), $marking->marks()?->points(), $where);
                self::assertTrue($marking->finished, "$where$last wants {$marking->wants?->value}");
            }
        }
        self::assertGreaterThan(Chance::seeds(90), $marked);
    }

    /**
     * Of pages by a hand that knows nothing of the rules: the reason is one that is true, or none; mostly one. One page
     * in a thousand may come, by its numbers, to what another slip makes as well.
     */
    public function testNoReasonIsEverFalse(): void
    {
        [$wrong, $named, $false] = [0, 0, []];
        for ($seed = 1; $seed <= Chance::seeds(240); ++$seed) {
            [$problem, $job, $lines, $true] = (new SlippingHand(new Chance($seed)))->page();
            $task = new Task(Problem::read($problem), HouseStyle::default());
            $marked = $this->mark($task, $job, $lines)->lines;
            $line = $marked[\count($marked) - 1];
            $where = "seed $seed, $problem: " . implode(' ¶ ', $lines);
            // By luck a slip can come to what is right, or to what nobody can tell.
            if (\in_array($line->verdict, [LineVerdict::Follows, LineVerdict::Undecided], true)) {
                continue;
            }
            self::assertSame(LineVerdict::Wrong, $line->verdict, $where);
            if (!\in_array($line->slip?->value, [...$true, null], true)) {
                $false[] = "$where says {$line->say->key}";
            }
            ++$wrong;
            $named += $line->slip === null ? 0 : 1;
        }
        self::assertLessThanOrEqual(intdiv($wrong, 1000), \count($false), implode("\n", $false));
        self::assertGreaterThan(Chance::seeds(220), $wrong);
        self::assertGreaterThan(0.94 * $wrong, $named);
    }

    /** One slip done on purpose after a right line is found in the line where it stands, and mostly by its name. */
    public function testASlipIsFoundWhereItIsMadeAndNamed(): void
    {
        $made = 0;
        $unnamed = [];
        for ($seed = 1; $seed <= Chance::seeds(110); ++$seed) {
            $chance = new Chance($seed);
            $job = $chance->one(array_values(array_diff(Jobs::all()->jobs(), ['show'])));
            $task = new Task(Problem::read(self::problem($job, $chance)), HouseStyle::default());
            $nodes = self::nodes($this->catalogue->demonstrate($task, $job));
            array_pop($nodes);
            $nodes = [$task->problem->node, ...$nodes];
            $place = $chance->dice->getInt(0, \count($nodes) - 1);
            $slipped = self::slips($nodes[$place], $job);
            if ($slipped === []) {
                continue;
            }
            [$slip, $wrong] = $chance->one($slipped);
            $before = array_map(Ascii::write(...), \array_slice($nodes, 1, $place));
            $marking = $this->mark($task, $job, [...$before, Ascii::write($wrong)]);
            $line = $marking->lines[\count($marking->lines) - 1];
            $where = "seed $seed, {$task->problem->source}: {$line->typed}";
            self::assertFalse($marking->finished, $where);
            if ($line->branch !== null && $line->verdict === LineVerdict::Follows) {
                // A product shows that there are several: one of its branches is right, and the others are wanted.
                self::assertNotNull($marking->wants, $where);
                continue;
            }
            self::assertSame(LineVerdict::Wrong, $line->verdict, "$where for $slip->value");
            self::assertFalse($line->holds, $where);
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
        self::assertGreaterThan(Chance::seeds(50), $made);
        self::assertLessThanOrEqual($made * 0.05, \count($unnamed), implode("\n", $unnamed));
    }

    public function testWhatIsUndoneWronglyIsToldAsWhatItIs(): void
    {
        foreach ([
            ['∛(x-1)=2', 'x-1=6', 'slip.wrong-inverse.diagnosis-root'],
            ['x^3=27', 'x=9', 'slip.wrong-inverse.diagnosis-power'],
            ['√x=9', 'x=3', 'slip.wrong-inverse.diagnosis'],
            ['x^2=9', 'x=81', 'slip.wrong-inverse.diagnosis'],
            ['x^(1/2)=4', 'x=2', 'slip.wrong-inverse.diagnosis'],
            ['12/x=3', '12=3', 'slip.one-side-only.diagnosis'],
            ['3/(x+1)=2/(x-1)', '3=2', 'slip.one-side-only.diagnosis-cleared'],
            ['x/(x-2)-1/x=4/3', '3x^2-3(x-2)=4', 'slip.one-side-only.diagnosis-cleared'],
            ['1/(x-1)+1/(x+1)=3/4', '4(x+1)+4(x-1)=3', 'slip.one-side-only.diagnosis-cleared'],
            ['2/x+1/3=1', '6+x=1', 'slip.fraction-cleared-one-term.diagnosis'],
            ['x/2-3=5', 'x-3=10', 'slip.fraction-cleared-one-term.diagnosis'],
            ['12/x=3', '12=4', 'marking.side-wrong'],
            ['2^5*2^3', '2^15', 'slip.exponents-multiplied.diagnosis'],
            ['2^5*2^3', '4^8', 'slip.bases-multiplied.diagnosis'],
            ['5^8/5^4', '5^2', 'slip.quotient-degree.diagnosis-divided'],
            ['5^8/5^4', '1^4', 'slip.bases-multiplied.diagnosis'],
            ['3x^0', '0', 'slip.zero-exponent.diagnosis'],
            ['x^5/x^2', 'x^(5/2)', 'slip.quotient-degree.diagnosis-divided'],
            ['2√12+√27', '3√39', 'slip.root-of-sum-split.diagnosis-joined'],
            ['√50-√18', '√32', 'slip.root-of-sum-split.diagnosis-joined'],
        ] as [$problem, $line, $said]) {
            $task = new Task(Problem::read($problem), HouseStyle::default());
            $marking = $this->mark($task, Jobs::all()->ofProblem($task->problem)[0], [$line]);
            self::assertSame($said, $marking->lines[0]->say->key, "$problem: $line");
        }
    }

    /** Pages of one problem share what is worked out about it, and are judged as if each stood alone. */
    public function testAPageIsJudgedAsIfItWereTheOnlyOne(): void
    {
        $fresh = static fn(): Task => new Task(Problem::read('(2x-3)^2=50'), HouseStyle::default());
        $shared = $fresh();
        foreach ([
            ['2x-3=sqrt(50)+1'],
            ['4x^2+9=50', '4x^2=41'],
            ['2x-3=5*sqrt(2) or 2x-3=-5*sqrt(2)+7', 'x=3/2+5/2*sqrt(2)'],
            ['4x^2-12x-9=50'],
            ['2x-3=sqrt(50)+1'],
            ['4y^2+9=50'],
        ] as $lines) {
            $judged = array_map(static function (Task $task) use ($lines): array {
                $effort = Effort::of(1 << 40);
                $marking = Marker::mark(Jobs::catalogue(), $task, 'solve', $lines, effort: $effort);

                return [$effort->spent(), array_map(static fn(MarkedLine $line): array => [
                    $line->verdict, $line->slip, $line->say->key, $line->hint->key,
                ], $marking->lines)];
            }, [$fresh(), $shared]);
            self::assertSame($judged[0], $judged[1], implode(' / ', $lines));
        }
    }

    public function testLinesInAnotherOrderArePaired(): void
    {
        $task = new Task(Problem::read('6x^2+19x+10'), HouseStyle::default());
        $marking = $this->mark($task, 'factor', ['10+15x+4x+6x^2', '(2x+5)(2+3x)']);
        $rows = SideBySide::of(
            $marking->lines,
            $this->catalogue->demonstrate($task, 'factor', 'split-middle'),
        )->rows;
        $paired = array_filter($rows, static fn(array $row): bool => $row[0] !== null && $row[1] !== null);
        self::assertSame(['10+15x+4x+6x^2', '(2x+5)(2+3x)'], array_values(array_map(
            static fn(array $row): string => $row[0]->typed,
            $paired,
        )));
        self::assertGreaterThan(2, \count($rows), 'what stands on one side only has a row of its own');
    }

    /** A way that leaves something to be found helps more than one that says it all, or asks for it. */
    public function testHelpDoesNotSayTheAnswer(): void
    {
        foreach ([
            ['(x+3)(x-2)', 'multiply', 'term-by-term'],
            ['6x^2+19x+10', 'factor', 'split-middle'],
        ] as [$typed, $job, $way]) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            $help = Guidance::after($this->catalogue, $task, $job, null, $task->problem->node);
            self::assertSame($way, $help?->demonstration->method);
            self::assertNotSame(Link::Result, $help->lines[0]->link);
        }
    }

    /** Whoever writes what help says, line after line, arrives at the end, and none of it is ever wrong. */
    #[DataProvider('jobs')]
    public function testHelpLeadsToTheEnd(string $job): void
    {
        for ($seed = 1; $seed <= Chance::seeds(14); ++$seed) {
            $task = new Task(Problem::read(self::problem($job, new Chance($seed))), HouseStyle::default());
            if (!\in_array($job, Jobs::all()->ofProblem($task->problem), true)) {
                continue;
            }
            $line = $task->problem->node;
            $written = [];
            while (($marking = $this->mark($task, $job, $written))->finished === false) {
                $help = Guidance::after($this->catalogue, $task, $job, null, $line);
                $where = "{$task->problem->source} after " . Ascii::write($line);
                self::assertNotNull($help, $where);
                self::assertNotSame([], $help->lines, $where);
                self::assertLessThan(30, \count($written), $where);
                $next = implode(' ', array_map(static fn(Line $one): string => Ascii::write(
                    Rewriter::unmarked($one->node),
                ), $help->lines));
                foreach ($help->rule->parameters as $said) {
                    $said = $said instanceof Sum || $said instanceof Product ? Ascii::write(
                        Rewriter::unmarked($said),
                    ) : null;
                    self::assertFalse($said !== null && str_contains($next, $said)
                        && !str_contains(Ascii::write($line), $said), "$where: the rule says $said");
                }
                foreach ($help->lines as $next) {
                    $line = Rewriter::unmarked($next->node);
                    $written[] = Ascii::write($line);
                }
            }
            foreach ($marking->lines as $marked) {
                self::assertTrue($marked->holds, "{$task->problem->source}: {$marked->typed}");
            }
        }
    }

    /** @return iterable<string, array{string, list<string>, list<string>, string|null}> verdicts, and what is wanted */
    public static function pages(): iterable
    {
        yield 'solutions with or' => ['x^2+2x-15=0', ['(x+5)(x-3)=0', 'x=3 or x=-5'], ['follows', 'follows'], null];
        yield 'commas and a lone number' => ['x^2+2x-15=0', ['x = 3, -5'], ['follows'], null];
        yield 'numbered solutions' => [
            'x^2-5x+6=0', ['x₁,₂ = 5/2 ± 1/2', 'x₁ = 3', 'x_{2} = 2'], ['follows', 'follows', 'follows'], null,
        ];
        yield 'numbered on the line' => ['x^2-5x+6=0', ['x1 = 3', 'x2 = 2'], ['follows', 'follows'], null];
        yield 'a square that lost its height' => ['x^2-6=3', ['x2=9', 'x=±3'], ['unreadable', 'follows'], null];
        yield 'letters with an index' => [
            '1/R=1/R_1+1/R_2 for R_1',
            ['1/R₁=1/R-1/R_2', 'R_1=RR_2/(R_2-R)'],
            ['follows', 'follows'],
            null,
        ];
        yield 'a letter with an index, or another' => [
            'x_1^2-5x_1+6=0', ['x_1=2 or x_1=3'], ['follows'], null,
        ];
        yield 'powers of a number' => ['2^3*2^-5', ['2^(3-5)', '2^-2'], ['follows', 'follows'], null];
        yield 'worked out instead' => ['2^5*2^3', ['32*8', '256'], ['follows', 'follows'], null];
        yield 'close to where nothing has a value' => [
            '1/√x=3', ['√x=1/3', 'x=1/9'], ['follows', 'follows'], null,
        ];
        yield 'plus or minus' => ['x^2=16', ['x=±4'], ['follows'], null];
        yield 'twice' => ['x^2-6x+9=0', ['x = 3 (twice)'], ['follows'], null];
        yield 'one root of two' => ['x^2=16', ['x=4'], ['wrong'], 'wrong-line'];
        yield 'no real solution' => ['x^2+4=0', ['x^2=-4', 'no real solution'], ['follows', 'follows'], null];
        yield 'no solution, wrongly' => ['x^2-4=0', ['no solution'], ['wrong'], 'wrong-line'];
        yield 'all numbers' => ['2(x+1)=2x+2', ['2x+2=2x+2', 'all numbers'], ['follows', 'follows'], null];
        yield 'negative under the root' => ['(x-1)√(x-2)=0', ['x=1 or x=2'], ['follows'], 'extraneous-kept'];
        yield 'a fractional exponent' => ['x^(2/3)=9', ['x^2=729', 'x=27 or x=-27'], ['follows', 'follows'], null];
        yield 'one of two roots' => ['x^(2/3)=9', ['∛x=3', 'x=27'], ['follows', 'follows'], 'root-lost'];
        yield 'not one fraction' => ['(x+1/x)^2', ['x²+1+1+1/x²', 'x²+2+1/x²'], ['follows', 'follows'], null];
        yield 'all but what is excluded' => [
            '1/(x-1)-1/(x+1)=2/(x^2-1)', ['x+1-(x-1)=2', '2=2', 'all x ≠ ±1'], ['follows', 'follows', 'follows'], null,
        ];
        yield 'all but another' => ['x/x=1', ['x=x', 'all numbers but 1'], ['follows', 'wrong'], 'wrong-line'];
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
        yield 'two slips after one another' => ['2x+3=11', ['2x=14', 'x=9'], ['wrong', 'wrong'], 'wrong-line'];
        yield 'a pole kept' => [
            'x^2/(x-1)=1/(x-1)',
            ['x^2=1', 'x=1 or x=-1'],
            ['follows', 'follows'],
            'extraneous-kept',
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
        yield 'one root of two, in letters' => [
            'x^2-5ax+6a^2=0 for x', ['(x-2a)(x-3a)=0', 'x=2a'], ['follows', 'follows'], 'root-lost',
        ];
        yield 'both roots, in letters' => [
            'x^2-5ax+6a^2=0 for x', ['(x-2a)(x-3a)=0', 'x=2a', 'x=3a'], ['follows', 'follows', 'follows'], null,
        ];
        yield 'the letter divided by' => ['ax^2=bx', ['ax=b', 'x=b/a'], ['wrong', 'follows-wrong'], 'wrong-line'];
        yield 'a letter for a number divided by' => [
            'ax^2=abx for x', ['x^2=bx', 'x(x-b)=0'], ['follows', 'follows'], 'unknown-not-alone',
        ];
        yield 'one term of a fraction' => ['(6x+4)/4', ['6x'], ['wrong'], 'wrong-line'];
        yield 'a sum over a number' => ['(6x+4)/4', ['(12x+8)/8'], ['follows'], 'not-lowest-terms'];
        yield 'a formula' => ['A=1/2(a+b)h for b', ['2A=(a+b)h', 'b=2A/h-a'], ['follows', 'follows'], null];
    }

    public function testWhereOnlyTheMinusIsTakenOutACommonFactorMayStay(): void
    {
        $wants = function (string $habit, string $line): ?Wanting {
            $style = HouseStyle::default()->with('minus-one', $habit);

            return $this->mark(new Task(Problem::read('-4x^2+10x+6'), $style), 'factor', [$line])->wants;
        };
        self::assertNull($wants('alone', '-(4x+2)(x-3)'));
        self::assertNull($wants('alone', '-2(2x+1)(x-3)'));
        self::assertSame(Wanting::Factored, $wants('outside', '-(4x+2)(x-3)'));
        self::assertSame(Wanting::Factored, $wants('alone', '-(4x^2-10x-6)'));
        self::assertSame(Wanting::Factored, $wants('alone', '(-4x-2)(x-3)'));
    }

    /**
     * @param list<string> $lines
     * @param list<string> $verdicts
     */
    #[DataProvider('pages')]
    public function testWhatPeopleWriteIsRead(string $problem, array $lines, array $verdicts, ?string $wants): void
    {
        $task = new Task(Problem::read($problem), HouseStyle::default());
        $marking = $this->mark($task, Jobs::all()->ofProblem($task->problem)[0], $lines);
        self::assertSame($verdicts, array_map(
            static fn(MarkedLine $line): string => $line->verdict->value,
            $marking->lines,
        ));
        self::assertSame($wants, $marking->wants?->value);
        self::assertSame($wants === null, $marking->finished);
    }

    /** What a formula was divided by is taken not to be 0: the letter alone is no branch of it. */
    public function testAFormulaDividedHasNoBranches(): void
    {
        $task = new Task(Problem::read('ax+b^2=bx+a^2 for x'), HouseStyle::default());
        $marking = $this->mark($task, 'rearrange', ['x(a-b)=a^2-b^2', 'x=a+b']);
        self::assertSame(['marking.follows', 'marking.follows'], array_map(
            static fn(MarkedLine $line): string => $line->say->key,
            $marking->lines,
        ));
        self::assertTrue($marking->finished);
    }

    /** @param list<string> $lines */
    private function mark(Task $task, string $job, array $lines): Marking
    {
        return Marker::mark($this->catalogue, $task, $job, $lines);
    }

    /** @return list<array{Slip, Node}> every slip that can be made in a line and changes it */
    private static function slips(Node $line, string $job): array
    {
        $slips = [];
        foreach (WrongRules::outcomes(Jobs::all()->of($job)->rules(), $line) as [$rule, $wrong]) {
            $written = $rule instanceof FactoringRule ? self::factored($wrong) : $wrong;
            $keepsLetters = $written !== null && Letters::of($written) !== [];
            if ($written !== null && $keepsLetters && !self::isSame($line, $written)) {
                $slips[] = [$rule->slip(), $written];
            }
        }

        return $slips;
    }

    /** What comes from a slip of factoring, as it is written: in brackets; null where it has none. */
    private static function factored(Node $wrong): ?Node
    {
        $side = $wrong instanceof Equation ? $wrong->left : $wrong;
        $trinomial = $side instanceof Expression ? Trinomial::of(Polynomial::fromExpression($side)) : null;
        if ($trinomial?->isPrime() !== false) {
            return null;
        }
        $product = Product::of([...$trinomial->common->factors(), ...array_map(
            static fn(Polynomial $bracket): Expression => $bracket->toExpression(),
            $trinomial->brackets(),
        )]);

        return $wrong instanceof Equation ? new Equation($product, $wrong->right) : $product;
    }

    private static function isSame(Node $one, Node $other): bool
    {
        return match (true) {
            Ascii::write($one) === Ascii::write($other) => true,
            $one instanceof Expression && $other instanceof Expression => (new Proof())->same($one, $other),
            $one instanceof Expression || $other instanceof Expression => false,
            // What keeps every solution follows, as after squaring; what may do so is no slip to be found.
            default => \in_array(
                (new Proof())->follows($one, $other),
                [Entailment::Same, Entailment::Equivalent, Entailment::Implies, Entailment::Undecided],
                true,
            ),
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
                    $nodes[] = Rewriter::unmarked($line->node);
                }
            }
        }

        return $nodes;
    }

    private static function problem(string $job, Chance $chance): string
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
            'multiply' => $chance->one([
                "({$linear($chance->one([1, 2, 5]))})({$linear($chance->one([1, 3, 4]))})",
                "({$linear(1)})^2",
                "{$chance->dice->getInt(2, 9)}$letter({$linear(3)})",
            ]),
            'factor' => $quadratic(),
            'solve' => $chance->one([
                $quadratic() . '=0',
                "{$chance->dice->getInt(2, 9)}({$linear(2)})={$linear(3)}",
                "{$linear(4)}={$linear(7)}",
                "$letter/{$chance->dice->getInt(2, 9)}" . sprintf('%+d', $number()) . '=' . $number(),
            ]),
            'divide' => "({$chance->polynomial($chance->coefficients(3), $letter)})/({$linear(1)})",
            'simplify' => $chance->one([
                "{$number()}$letter" . sprintf('%+db%+d%s%+db', $number(), $number(), $letter, $number()),
                sprintf('%1$d%2$s^2*%3$d%2$s^3', $chance->dice->getInt(2, 9), $letter, $chance->dice->getInt(2, 9)),
                sprintf('%d/(%s-1)-%d/(%2$s+2)', $chance->dice->getInt(2, 9), $letter, $chance->dice->getInt(2, 9)),
                sprintf('(%s^2-%d)/(%1$s%+d)', $letter, ($root = $chance->dice->getInt(2, 9)) ** 2, $root),
                sprintf('%d/%s+%d/(%2$s+1)', $chance->dice->getInt(2, 9), $letter, $chance->dice->getInt(2, 9)),
            ]),
            'show' => self::identity($chance->dice->getInt(1, 9), $letter),
            'rearrange' => $chance->one(['v=u+at for t', 'P=2a+2b for b', 'E=1/2mv^2 for v', 'y=(x+1)/(x-2) for x']),
            default => $letter . '^2' . sprintf('%+d', 2 * $number()) . $letter . sprintf('%+d', $number()),
        };
    }

    /** Two sides that are both worked. */
    private static function identity(int $number, string $letter): string
    {
        return sprintf('(%1$s+%2$d)^2-%3$d=%1$s(%1$s+%4$d)', $letter, $number, $number ** 2, 2 * $number);
    }

    /** @return non-empty-list<int> the coefficients of (a x + b)(c x + d) */
    private static function product(int $a, int $b, int $c, int $d): array
    {
        return [$a * $c, $a * $d + $b * $c, $b * $d];
    }
}
