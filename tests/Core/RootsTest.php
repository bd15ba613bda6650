<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\RootHuntFigure;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Demonstration\Task;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Job\Jobs;
use Runel\Judging\FactorsOf;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Number\Field\Floats;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Polynomials of higher degree made from known factors: all of them found again, nothing passed over wrongly. */
final class RootsTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    public function testKnownRootsAreFoundAgain(): void
    {
        $skipped = [];
        for ($seed = 1; $seed <= Chance::seeds(60); ++$seed) {
            $chance = new Chance($seed);
            $letter = $chance->one(['x', 't', 'n']);
            $whole = Polynomial::constant($chance->one([1, 1, 1, -1, 2, -3]));
            $roots = [];
            for ($count = $chance->dice->getInt(3, 4); $count > 0; --$count) {
                [$above, $below] = [$chance->dice->getInt(-4, 4), $chance->one([1, 1, 1, 2, 3])];
                $whole = $whole->times(self::read("({$below}$letter" . sprintf('%+d', -$above) . ')'));
                $divisor = max(1, self::gcd($above, $below));
                $roots[intdiv($above, $divisor) . '/' . intdiv($below, $divisor)] = $above / $below;
            }
            if (\count($whole->terms) === 1) {
                continue; // only 0 solves a power alone, and nothing is hunted
            }
            $typed = Ascii::write($whole->toExpression());
            $task = new Task(Problem::read("$typed=0"), $chance->style()->with('answers', 'exact'));
            $solved = $this->catalogue->demonstrate($task, 'solve', 'rational-roots');
            $found = array_map(self::value(...), self::expressions($solved->answer->details()['solutions'] ?? []));
            sort($found);
            sort($roots);
            self::assertEqualsWithDelta($roots, $found, 1e-9, $typed);
            foreach ($solved->steps() as $step) {
                foreach ($step->figure instanceof RootHuntFigure ? $step->figure->trials : [] as $trial) {
                    $skipped[$trial->verdict->value] = true;
                    $root = \in_array(self::value($trial->value), $roots, true);
                    self::assertFalse(
                        $root && !\in_array($trial->verdict, [RootVerdict::Open, RootVerdict::Fits], true),
                        "$typed passes over a root",
                    );
                }
            }
            $factored = $this->catalogue->demonstrate(
                new Task(Problem::read($typed), HouseStyle::default()),
                'factor',
                'rational-roots',
            );
            self::assertTrue(self::read(Ascii::write($factored->answer->node()))->equals($whole), $typed);
            foreach (FactorsOf::expression(self::answer($factored)) as $factor) {
                self::assertLessThanOrEqual(1, Polynomial::fromExpression($factor)->degree(), $typed);
            }
        }
        self::assertSame([], array_diff(
            ['open', 'sign', 'beyond', 'fails'],
            array_keys($skipped),
        ), 'every fate turned up');
    }

    public function testWhatHasNoRationalRootIsSaidSo(): void
    {
        foreach ([
            'x^3+x+1=0' => 'roots.refusal-none',
            '(x-2)(x^3+x+1)=0' => 'roots.refusal-rest',
            'x^7+x+1=0' => 'roots.refusal-degree',
            '5040x^3+x^2+x+5040=0' => 'roots.refusal-many',
            'x^2+x=0' => 'roots.refusal',
        ] as $typed => $key) {
            try {
                $this->catalogue->demonstrate(
                    new Task(Problem::read($typed), HouseStyle::default()),
                    'solve',
                    'rational-roots',
                );
                self::fail("$typed was solved");
            } catch (Refusal $refusal) {
                self::assertSame($key, $refusal->reason->key, $typed);
            }
        }
    }

    public function testEvenPowersAndCommonLettersAreTakenTheShortWay(): void
    {
        foreach ([
            'x^4-5x^2+6=0' => ['-sqrt(2)', '-sqrt(3)', 'sqrt(2)', 'sqrt(3)'],
            '4t^4-37t^2+9=0' => ['-1/2', '-3', '1/2', '3'],
            'x^3-x=0' => ['-1', '0', '1'],
            'x^3-3x^2+x+1=0' => ['1', '1+sqrt(2)', '1-sqrt(2)'],
            'x^4+5x^2+6=0' => [],
            'n^5=n^3' => ['-1', '0', '1'],
        ] as $typed => $expected) {
            $solved = $this->catalogue->demonstrate(
                new Task(Problem::read($typed), HouseStyle::default()),
                'solve',
                'rational-roots',
            );
            $found = array_map(Ascii::write(...), self::expressions($solved->answer->details()['solutions'] ?? []));
            sort($found);
            self::assertSame($expected, $found, $typed);
        }
    }

    /** An unknown coefficient found is put in again and divided with. */
    public function testUnknownCoefficientsLeaveTheRemainderAskedFor(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(60); ++$seed) {
            $chance = new Chance($seed);
            $degree = $chance->dice->getInt(2, 5);
            $power = $chance->dice->getInt(1, $degree - 1);
            $rest = $chance->polynomial($chance->coefficients($degree), 'x');
            $times = $chance->one(['1', '2', '3', '-1']);
            $dividend = "$rest+({$times}k)x^$power";
            $divisor = 'x' . sprintf('%+d', $chance->dice->getInt(-4, 4) ?: 3);
            $asked = $chance->dice->getInt(-9, 9);
            $typed = match ($seed % 3) {
                0 => "($dividend)/($divisor) remainder $asked for k",
                1 => "find k so that the remainder is $asked when $dividend is divided by $divisor",
                default => "find k such that when $dividend is divided by $divisor the remainder is $asked",
            };
            $answer = $this->catalogue->demonstrate(
                new Task(Problem::read($typed), $chance->style()),
                'divide',
                'synthetic',
            )->answer->details();
            $value = Ascii::write(self::expressions($answer['solutions'] ?? [])[0]);
            $put = self::read(str_replace('k', "*($value)", $dividend));
            [, $left] = $put->dividedWithRemainder(self::read($divisor), 'x');
            self::assertTrue($left->equals(self::read((string) $asked)), $typed);
        }
    }

    private static function answer(Demonstration $demonstration): Expression
    {
        $node = $demonstration->answer->node();

        return $node instanceof Expression ? $node : throw new \LogicException('A factoring is an expression.');
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

    private static function gcd(int $first, int $second): int
    {
        return $second === 0 ? abs($first) : self::gcd($second, $first % $second);
    }

    private static function read(string $typed): Polynomial
    {
        $node = Parser::parse($typed)->node;
        self::assertInstanceOf(Expression::class, $node);

        return Polynomial::fromExpression($node);
    }
}
