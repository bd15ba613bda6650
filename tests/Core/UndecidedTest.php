<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Job\Jobs;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Method\Catalogue;
use Runel\Method\Wanting;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;
use Runel\Proof\Effort;
use Runel\Style\HouseStyle;

/** A right line is never called wrong, whatever Runel itself could do with it; what it cannot judge it says so. */
final class UndecidedTest extends TestCase
{
    private const FAULTS = [LineVerdict::Wrong, LineVerdict::SideWrong, LineVerdict::FollowsWrong];

    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    /** The same done to both sides of a formula, wherever its letters stand, is never wrong. */
    public function testMovesOnFormulasAreNeverWrong(): void
    {
        [$judged, $undecided] = [0, 0];
        for ($seed = 1; $judged < Chance::seeds(600); ++$seed) {
            $chance = new Chance($seed);
            $letters = \array_slice(['a', 'b', 'r', 's', 't'], 0, $chance->dice->getInt(2, 5));
            $subject = $chance->one($letters);
            $formula = new Equation(new Letter('P'), self::shape($chance, $letters, 3));
            $task = self::task(Ascii::write($formula) . " for $subject");
            if ($task === null || !\in_array('rearrange', Jobs::all()->ofProblem($task->problem), true)) {
                continue;
            }
            $lines = [];
            $line = $formula;
            for ($move = 0; $move < 3; ++$move) {
                $line = self::moved($chance, $line, [...$letters, 'P']);
                $lines[] = Ascii::write($line);
            }
            $marking = Marker::mark($this->catalogue, $task, 'rearrange', $lines);
            foreach ($marking->lines as $marked) {
                self::assertNotContains(
                    $marked->verdict,
                    self::FAULTS,
                    "seed $seed: " . Ascii::write($formula) . " for $subject: " . implode(' / ', $lines),
                );
                ++$judged;
                $undecided += $marked->verdict === LineVerdict::Undecided ? 1 : 0;
            }
        }
        self::assertLessThan($judged * 0.05, $undecided, 'nearly all of them can be judged');
    }

    /** Equations with up to six whole roots: factored, with a factor put in front, and solved. */
    public function testEquationsOfTheSixthDegree(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(40); ++$seed) {
            $chance = new Chance(9000 + $seed);
            $roots = [];
            while (\count($roots) < 6) {
                $roots[$root = $chance->dice->getInt(-7, 7)] = $root;
            }
            $factors = array_map(static fn(int $root): string => "(x-($root))", array_values($roots));
            $task = self::task(implode('*', $factors) . '=0') ?? self::fail('read');
            $values = array_map(static fn(int $root): string => "x=$root", array_values($roots));
            $lines = [
                $chance->one([2, -3, 5]) . '*' . implode('*', array_reverse($factors)) . '=0',
                implode(' or ', $values),
            ];
            $marking = Marker::mark($this->catalogue, $task, 'solve', $lines);
            self::assertSame(['follows', 'follows'], self::verdicts($marking), "seed $seed");
            self::assertTrue($marking->finished, "seed $seed");
            $wrong = Marker::mark($this->catalogue, $task, 'solve', [implode(' or ', $values) . ' or x=9']);
            self::assertSame(['wrong'], self::verdicts($wrong), 'a value that came from nowhere');
            $lost = Marker::mark($this->catalogue, $task, 'solve', [implode(' or ', \array_slice($values, 1))]);
            self::assertSame(Wanting::RootLost, $lost->wants);
        }
    }

    /**
     * @param list<string> $lines
     * @param list<string> $verdicts
     */
    #[DataProvider('work')]
    public function testWhatASolutionIsAndIsNot(
        string $problem,
        array $lines,
        array $verdicts,
        bool $finished,
        string $branches = '',
        string $extraneous = '',
    ): void {
        $task = self::task($problem) ?? self::fail("$problem is not read");
        $marking = Marker::mark($this->catalogue, $task, Jobs::all()->ofProblem($task->problem)[0], $lines);
        self::assertSame($verdicts, self::verdicts($marking));
        self::assertSame($finished, $marking->finished, (string) $marking->wants?->value);
        foreach ($marking->lines as $line) {
            // Nobody who rearranges a formula arrives at values to be tried.
            $isFormula = Jobs::all()->ofProblem($task->problem)[0] === 'rearrange';
            self::assertNotSame($isFormula ? 'marking.adds' : 'marking.adds-formula', $line->say->key);
        }
        $said = static fn(\Closure $of): string => implode(' ', array_map($of, $marking->lines));
        self::assertSame($branches === '' ? implode(' ', array_fill(0, \count($lines), '-')) : $branches, $said(
            static fn(MarkedLine $line): string => $line->branch ?? '-',
        ));
        self::assertSame($extraneous === '' ? implode(' ', array_fill(0, \count($lines), '-')) : $extraneous, $said(
            static fn(MarkedLine $line): string => $line->extraneous ? '+' : '-',
        ));
    }

    /** @return iterable<string, array{0: string, 1: list<string>, 2: list<string>, 3: bool, 4?: string, 5?: string}> */
    public static function work(): iterable
    {
        $right = static fn(int $count): array => array_fill(0, $count, 'follows');
        yield 'sides exchanged under a root' => ['T=2*sqrt(l/g) for l', ['2*sqrt(l/g)=T'], $right(1), false];
        yield 'π is one number' => [
            'T=2pi sqrt(m/k) for m',
            ['T/(2π)=sqrt(m/k)', 'T^2/(4π^2)=m/k', 'm=kT^2/(4pi^2)'],
            $right(3),
            true,
            '',
            '- + -',
        ];
        yield 'subject in two places' => [
            'R=a*b/(a+b) for a',
            ['R(a+b)=a*b', 'Ra+Rb=ab', 'Rb=ab-Ra', 'Rb=a(b-R)', 'a=Rb/(b-R)'],
            $right(5),
            true,
        ];
        yield 'a slip in a formula stays one' => ['R=a*b/(a+b) for a', ['R(a+b)=a*b', 'Ra+b=ab'], [
            'follows', 'wrong',
        ], false];
        yield 'a root of a root' => ['x^4=2', ['x=±√(√2)'], $right(1), true];
        yield 'a root below a line' => ['3(sqrt(x)+1/sqrt(x))=3*2', ['sqrt(x)+1/sqrt(x)=2'], $right(1), false];
        yield 'a value from nowhere' => ['x^2-5x+6=0', ['x=2 or x=3 or x=4'], ['wrong'], false];
        yield 'a value where there is none' => ['2(x+1)=2x+3', ['x=7'], ['wrong'], false];
        yield 'a value that is excluded' => ['1/x=0', ['x=0'], ['wrong'], false];
        yield 'everything solves what two solve' => ['x^2-5x+6=0', ['0=0'], ['side'], false];
        yield 'branches under a product' => [
            '(x-2)(x-3)=0', ['x-2=0', 'x=2', 'x-3=0', 'x=3'], $right(4), true, '1 1 2 2',
        ];
        yield 'branches alone' => ['x^2=36', ['x=6', 'x=-6'], $right(2), true, '1 2'];
        yield 'branches said together after all' => [
            '(x-5)(x+3)=0', ['x=5', 'x=-3', 'x=5 or x=-3'], $right(3), true, '1 2 -',
        ];
        yield 'branches on branches' => [
            'x^4-5x^2+4=0',
            ['(x^2-1)(x^2-4)=0', 'x^2-1=0', 'x=1', 'x=-1', 'x^2-4=0', 'x=2', 'x=-2'],
            $right(7),
            true,
            '- 1 1.1 1.2 2 2.1 2.2',
        ];
        yield 'a slip on a branch leaves the other right' => [
            '(2x-5)(x+3)=0', ['2x-5=0', '2x=-5', 'x+3=0', 'x=-3'], ['follows', 'wrong', 'follows', 'follows'], false,
            '1 - 2 2',
        ];
        yield 'one branch of a product' => ['(x-5)(x+3)=0', ['x=5'], $right(1), false, '1'];
        yield 'one root taken for the whole' => [
            '9x^2=16', ['3x=4', 'x=4/3'], ['wrong', 'follows-wrong'], false, '1 -',
        ];
        yield 'squaring lets in' => [
            'sqrt(x+7)=x+1',
            ['x+7=x^2+2x+1', 'x^2+x-6=0', 'x=-3 or x=2', 'x=2'],
            $right(4),
            true,
            '',
            '+ - - -',
        ];
        yield 'squaring twice at once' => [
            'sqrt(3x+1)-sqrt(x+4)=1', ['x^2-5x=0', 'x=0 or x=5', 'x=5'], $right(3), true, '', '+ - -',
        ];
        yield 'one that squaring did not let in' => ['sqrt(x+7)=x+1', ['x=2 or x=5'], ['wrong'], false];
        yield 'clearing lets in' => [
            '(x+1)/(x-2)=3/(x-2)', ['x+1=3', 'x=2'], $right(2), false, '', '+ -',
        ];
        yield 'multiplying by the letter lets in' => ['x=3', ['x^2=3x'], $right(1), false, '', '+'];
        yield 'a positive root of a formula' => ['E=1/2mv^2 for v', ['2E=mv^2', 'v=sqrt(2E/m)'], $right(2), true];
        yield 'a negative root alone' => ['E=1/2mv^2 for v', ['v=-sqrt(2E/m)'], $right(1), true];
        yield 'squaring where nothing solves' => [
            'sqrt(x+3)=-1', ['x+3=1', 'x=-2', 'no solution'], $right(3), true, '', '+ - -',
        ];
        yield 'what nobody can tell' => ['sqrt(x)=-3', ['2x+sqrt(x)=17+x^3'], ['undecided'], false];
        yield 'a value shown not to solve' => ['sqrt(x)=-3', ['x=5'], ['wrong'], false];
        yield 'an unreadable last line' => ['2x=8', ['x=4', 'x=('], ['follows', 'unreadable'], false];
    }

    /** Judging ends where the work granted does: what is left is undecided and said to be. */
    public function testWhatThereIsNoWorkLeftForIsUndecided(): void
    {
        $task = self::task('3(x-2)=2x+9') ?? self::fail('read');
        $lines = ['3x-6=2x+9', '3x=2x+15', 'x=15'];
        $whole = Effort::of(10_000_000);
        $marking = Marker::mark($this->catalogue, $task, 'solve', $lines, [], $whole);
        self::assertSame([3, true], [$marking->lookedAt(), $marking->finished]);
        $part = Marker::mark($this->catalogue, $task, 'solve', $lines, [], Effort::of($whole->spent() - 1));
        self::assertSame(['follows', 'follows', 'undecided'], self::verdicts($part));
        self::assertSame([2, false, Wanting::Judged], [$part->lookedAt(), $part->finished, $part->wants]);
        self::assertSame('marking.not-looked-at', $part->lines[2]->say->key);
    }

    /** @return list<string> */
    private static function verdicts(Marking $marking): array
    {
        return array_map(static fn(MarkedLine $line): string => $line->verdict->value, $marking->lines);
    }

    private static function task(string $problem): ?Task
    {
        try {
            return new Task(Problem::read($problem), HouseStyle::default());
        } catch (\Runel\Message\Refusal) {
            return null;
        }
    }

    /** @param list<string> $letters */
    private static function shape(Chance $chance, array $letters, int $depth): Expression
    {
        $part = static fn(): Expression => self::shape($chance, $letters, $depth - 1);
        $letter = new Letter($chance->one($letters));

        return match ($depth === 0 ? 0 : $chance->dice->getInt(0, 7)) {
            0 => $chance->dice->getInt(0, 2) > 0
                ? $letter
                : Product::of([Numeral::of($chance->dice->getInt(2, 5)), $letter]),
            1, 2 => Product::of([$part(), $part()]),
            3, 4 => Sum::of([$part(), $letter]),
            5 => new Quotient($part(), Sum::of([$letter, $part()])),
            6 => new Root($part()),
            default => new Power($letter, Numeral::of(2)),
        };
    }

    /**
     * A move that a person may make, done by hand on both sides.
     *
     * @param list<string> $letters
     */
    private static function moved(Chance $chance, Equation $line, array $letters): Equation
    {
        $letter = new Letter($chance->one($letters));
        $number = Numeral::of($chance->dice->getInt(2, 9));
        $both = static fn(\Closure $move): Equation => new Equation($move($line->left), $move($line->right));

        return match ($chance->dice->getInt(0, 6)) {
            0 => new Equation($line->right, $line->left),
            1 => $both(static fn(Expression $side): Expression => Sum::of([$side, $letter])),
            2 => $both(static fn(Expression $side): Expression => Sum::of([$side, new Negative($number)])),
            3 => $both(static fn(Expression $side): Expression => Product::of([$letter, $side])),
            4 => $both(static fn(Expression $side): Expression => Product::of([$number, $side])),
            5 => $both(static fn(Expression $side): Expression => new Quotient($side, $letter)),
            default => new Equation(Sum::of([$line->left, new Negative($line->right)]), Numeral::of(0)),
        };
    }
}
