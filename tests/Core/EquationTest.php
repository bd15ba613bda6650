<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Job\Jobs;
use Runel\Judging\Judge;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Equations and formulas of every school shape in every style, held against solutions found in another way. */
final class EquationTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    public function testLinearEquationsOfEveryShapeAreSolved(): void
    {
        $kinds = [];
        for ($seed = 1; $seed <= Chance::seeds(150); ++$seed) {
            $chance = new Chance($seed);
            $n = static fn(): int => $chance->dice->getInt(-9, 9) ?: 4;
            $typed = match ($seed % 9) {
                0 => "{$n()}x{$this->signed($n())}={$n()}",
                1 => "x{$this->signed($n())}={$n()}",
                2 => "{$n()}({$n()}x{$this->signed($n())}){$this->signed($n())}={$n()}x",
                3 => "(x{$this->signed($n())})/" . $chance->dice->getInt(2, 6) . "-(x{$this->signed($n())})/"
                    . $chance->dice->getInt(2, 6) . "={$n()}",
                4 => "{$n()}x{$this->signed($n())}={$n()}x{$this->signed($n())}",
                5 => "{$n()}-{$chance->dice->getInt(2, 5)}(x{$this->signed($n())})={$n()}x",
                6 => "0.{$chance->dice->getInt(1, 9)}x{$this->signed($n())}.5={$n()}.2",
                7 => "x/{$chance->dice->getInt(2, 7)}{$this->signed($n())}={$n()}",
                default => "2(x{$this->signed($n())})=2x{$this->signed($chance->one([2, 4, 6, 7]))}",
            };
            $problem = Problem::read($typed);
            $solved = $this->catalogue->demonstrate(new Task($problem, $chance->style()), 'solve', 'balance');
            $equation = $problem->node;
            self::assertInstanceOf(Equation::class, $equation);
            // Two values decide what a linear equation is solved by.
            $at = static fn(int $x): Rational => Evaluation::rational($equation->left, ['x' => Rational::of($x)])
                ->minus(Evaluation::rational($equation->right, ['x' => Rational::of($x)]));
            $slope = $at(1)->minus($at(0));
            $kind = $solved->answer->type()->value;
            $kinds[$kind] = true;
            if ($slope->isZero()) {
                self::assertSame($at(0)->isZero() ? 'all' : 'none', $kind, $typed);
                continue;
            }
            $solution = $at(0)->negated()->dividedBy($slope);
            $found = self::expressions($solved->answer->details()['solutions'] ?? [])[0];
            self::assertTrue(Evaluation::rational($found)->equals($solution), $typed);
            $this->everyLineHoldsFor($solved, $solution, $typed);
        }
        ksort($kinds);
        self::assertSame(['all', 'none', 'solutions'], array_keys($kinds));
    }

    public function testRootEquationsKeepWhatSolvesAndRejectTheRest(): void
    {
        $rejected = 0;
        $judged = 0;
        for ($seed = 1; $seed <= Chance::seeds(120); ++$seed) {
            $chance = new Chance($seed);
            $d = static fn(int $from, int $to): int => $chance->dice->getInt($from, $to);
            $typed = match ($seed % 5) {
                0 => "sqrt({$d(1, 6)}x+{$d(0, 20)})=x{$this->signed($d(-6, 6) ?: 1)}",
                1 => "sqrt({$d(1, 5)}x+{$d(0, 9)})={$d(1, 4)}+sqrt(x+{$d(0, 6)})",
                2 => "{$d(2, 3)}sqrt(x+{$d(0, 9)})=x+{$d(1, 3)}",
                3 => "sqrt(x{$this->signed($d(-9, 9) ?: 1)})=sqrt({$d(-5, 5)}x{$this->signed($d(-9, 9) ?: 1)})",
                default => "sqrt(x{$this->signed($d(-9, 9) ?: 1)})=sqrt(x^2{$this->signed($d(-9, 9) ?: 1)})",
            };
            try {
                $problem = Problem::read($typed);
                $solved = $this->catalogue->demonstrate(
                    new Task($problem, $chance->style()->with('negative-root', 'none')),
                    'solve',
                    'isolate-roots',
                );
            } catch (Refusal) {
                continue;
            }
            ++$judged;
            $equation = $problem->node;
            self::assertInstanceOf(Equation::class, $equation);
            $details = $solved->answer->details();
            $found = array_map(self::value(...), self::expressions($details['solutions'] ?? []));
            foreach ($found as $value) {
                self::assertEqualsWithDelta(0.0, self::gap($equation, $value) ?? INF, 1e-6, "$typed at $value");
            }
            foreach (array_map(self::value(...), self::expressions($details['rejected'] ?? [])) as $value) {
                self::assertGreaterThan(1e-6, abs(self::gap($equation, $value) ?? INF), "$typed rejects $value");
                ++$rejected;
            }
            // No sign of the difference changes but at a solution.
            $before = null;
            for ($x = -60.0; $x <= 200; $x += .37) {
                $gap = self::gap($equation, $x);
                if ($gap !== null && $before !== null && $gap * $before < 0) {
                    self::assertNotSame([], array_filter(
                        $found,
                        static fn(float $value): bool => $value >= $x - .38 && $value <= $x + .01,
                    ), "$typed has a solution near $x");
                }
                $before = $gap;
            }
        }
        self::assertGreaterThan(Chance::seeds(80), $judged);
        self::assertGreaterThan(Chance::seeds(30), $rejected);
    }

    public function testFormulasGiveTheSameBothWays(): void
    {
        foreach ([
            'A = 1/2(a+b)h' => 'abh', 'd = wt + 1/2 k t^2' => 'wk', 'y = (x+1)/(x-2)' => 'x', 'y = mx + c' => 'mxc',
            'E = 1/2 m v^2' => 'mv', '1/f = 1/u + 1/v' => 'uvf', 'P = 2(l+w)' => 'lw', 'F = 9/5 C + 32' => 'C',
            'y = (2x-3)/(x+k)' => 'xk', 'ax + b = cx + d' => 'xabcd', 'S = a/(1-r)' => 'ar',
            'T = 2p sqrt(l/g)' => 'lpg',
            'y = (x-3)^2 + k' => 'xk', 'A = p(r+1)^2' => 'rp',
            'x/a + y/b = 1' => 'xyab', 'p = q - sqrt(r)' => 'qr', 'h = a - 1/t' => 'at', 'v^2 = u^2 + 2as' => 'uas',
        ] as $formula => $letters) {
            foreach (str_split($letters) as $letter) {
                foreach (['both-sides', 'across'] as $moving) {
                    $problem = Problem::read("$formula for $letter");
                    $task = new Task($problem, HouseStyle::of(['moving' => $moving]));
                    $answer = $this->catalogue->demonstrate($task, 'rearrange', 'balance')->answer->node();
                    $equation = $problem->node;
                    self::assertInstanceOf(Equation::class, $equation);
                    $results = $answer instanceof Equation ? [$answer] : $answer->children();
                    $this->holdsForSomeNumbers($equation, $results, $letter, "$formula for $letter");
                }
            }
        }
    }

    public function testSlipsAreDiagnosed(): void
    {
        $found = [];
        foreach ([
            ['2x+3=11', 'solve', 'balance', 'number', '2x=14', 'sign-not-turned'],
            ['2x+3=11', 'solve', 'balance', 'number', '2x=11', 'one-side-only'],
            ['-3x=12', 'solve', 'balance', 'coefficient', 'x=4', 'divided-by-negative'],
            ['7-2(x-3)=1', 'solve', 'balance', 'expand', '7-2x-6=1', 'minus-not-carried'],
            ['3(x+2)=5x', 'solve', 'balance', 'expand', '3x+2=5x', 'first-term-only'],
            ['x/2+x/3=5', 'solve', 'balance', 'clear', '3x+2x=5', 'fraction-cleared-one-term'],
            ['sqrt(x+3)=x-3', 'solve', 'isolate-roots', 'multiply-out-1', 'x^2+9', 'double-product-forgotten'],
            ['sqrt(x+3)=x-3', 'solve', 'isolate-roots', 'test-1', '1', 'extraneous-kept'],
            ['y=mx+c for m', 'rearrange', 'balance', 'subtract-2', 'y+c', 'sign-not-turned'],
        ] as [$typed, $job, $method, $id, $answer, $slip]) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($this->catalogue->demonstrate($task, $job, $method)->steps() as $step) {
                if ($step->id === $id && $step->question !== null) {
                    $found["$typed $answer"] = [$slip, Judge::verdict(
                        $step->question,
                        $answer,
                        Jobs::all()->of($job)->rules(),
                    )->slip?->value];
                }
            }
            self::assertSame($slip, $found["$typed $answer"][1] ?? 'not asked', "$typed $id");
        }
    }

    /** Every line of the chain is solved by the solution, and by no number beside it. */
    private function everyLineHoldsFor(Demonstration $solved, Rational $solution, string $typed): void
    {
        $lines = array_merge(...array_map(static fn(Step $step): array => $step->lines, $solved->steps()));
        foreach ($lines as $line) {
            if ($line->link === Link::Side || !$line->node instanceof Equation) {
                continue;
            }
            foreach ([0, 1, -2] as $beside) {
                $there = ['x' => $solution->plus(Rational::of($beside))];
                $holds = Evaluation::rational($line->node->left, $there)->equals(
                    Evaluation::rational($line->node->right, $there),
                );
                self::assertSame($beside === 0, $holds, "$typed: " . Ascii::write($line->node));
            }
        }
    }

    /** @param list<mixed> $results */
    private function holdsForSomeNumbers(Equation $formula, array $results, string $letter, string $where): void
    {
        foreach ($results as $result) {
            self::assertInstanceOf(Equation::class, $result);
            $tried = 0;
            for ($turn = 1; $turn <= 40; ++$turn) {
                $values = [];
                foreach (range('A', 'z') as $place => $name) {
                    $values[(string) $name] = 1.3 + fmod($place * $turn * .737, 4);
                }
                try {
                    $values[$letter] = Evaluation::at(new Floats(), $values)->of($result->right);
                    $there = Evaluation::at(new Floats(), $values);
                    $gap = $there->of($formula->left) - $there->of($formula->right);
                } catch (NoExactValue | DivisionByZero) {
                    continue;
                }
                // Where squaring came first, the other side must not be negative.
                if (abs($gap) > 1e-6 && str_contains($where, 'sqrt')) {
                    continue;
                }
                self::assertEqualsWithDelta(0.0, $gap, 1e-6, $where);
                ++$tried;
            }
            self::assertGreaterThan(2, $tried, $where);
        }
    }

    private function signed(int $number): string
    {
        return sprintf('%+d', $number);
    }

    private static function gap(Equation $equation, float $x): ?float
    {
        try {
            $there = Evaluation::at(new Floats(), ['x' => $x]);

            return $there->of($equation->left) - $there->of($equation->right);
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
    }

    /** @return list<Expression> */
    private static function expressions(mixed $values): array
    {
        return \is_array($values) ? array_values(array_filter(
            $values,
            static fn(mixed $value): bool => $value instanceof Expression,
        )) : [];
    }

    private static function value(Expression $expression): float
    {
        return Evaluation::at(new Floats(), [])->of($expression);
    }
}
