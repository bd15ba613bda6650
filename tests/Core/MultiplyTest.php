<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Audit\Auditor;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Method\Catalogue;
use Runel\Method\Multiplies;
use Runel\Method\SideWork;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Properties of every way to multiply, over random problems and house styles. */
final class MultiplyTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    public function testEveryMethodProvesTheSameProductInEveryStyle(): void
    {
        $applied = [];
        for ($seed = 1; $seed <= Chance::seeds(150); ++$seed) {
            $chance = new Chance($seed);
            $letter = $chance->one(['x', 't', 'n', 'z']);
            $large = $seed % 25 === 0;
            $factors = [];
            for ($count = $large ? 2 : $chance->one([2, 2, 2, 3]); $count > 0; --$count) {
                $factors[] = $chance->coefficients(
                    $large ? $chance->dice->getInt(5, 8) : $chance->dice->getInt(1, 4),
                    $seed % 3 === 0,
                );
            }
            if ($seed % 7 === 0) {
                $factors = [$factors[0], $factors[0]];
            }
            $typed = implode('', array_map(
                static fn(array $factor): string => '(' . $chance->polynomial($factor, $letter) . ')',
                $factors,
            ));
            $expected = array_reduce(\array_slice($factors, 1), self::convolve(...), array_map(
                self::rational(...),
                $factors[0],
            ));
            $task = new Task(Problem::read($typed), $chance->style(), \count($factors) > 2 ? [
                'first' => $chance->one(['1-2', '1-3', '2-3']),
            ] : []);
            foreach ($this->catalogue->offers($task) as $offer) {
                if ($offer->forecast === null || $offer->method->job() !== 'multiply') {
                    continue;
                }
                $id = $offer->method->id();
                $demonstration = $this->catalogue->demonstrate($task, 'multiply', $id);
                $applied[$id] = ($applied[$id] ?? 0) + 1;
                $answer = Polynomial::fromExpression(Parser::parse(Ascii::write($demonstration->answer->node()))->node);
                self::assertTrue($answer->equals(
                    Polynomial::ofCoefficients($letter, $expected),
                ), "seed $seed, $id: $typed");
                self::assertCount(
                    $offer->forecast->steps,
                    $demonstration->steps(),
                    "seed $seed, $id: the forecast has to hold",
                );
                $this->assertWellMade($demonstration, "seed $seed, $id: $typed");
                if (\count($factors) === 2 && $offer->method instanceof Multiplies) {
                    $polynomials = array_map(
                        static fn(Factor $factor): Polynomial => $factor->polynomial,
                        $task->problem->product->factors ?? [],
                    );
                    self::assertEquals(
                        self::shown(SideWork::of($demonstration->sections)),
                        self::shown($offer->method->sideWork($polynomials, $task)),
                        "seed $seed, $id: what a check shows of it",
                    );
                }
            }
        }
        foreach (['grid', 'term-by-term', 'by-degree', 'columns'] as $id) {
            self::assertGreaterThan(Chance::seeds(120), $applied[$id]);
        }
        self::assertGreaterThan(6, $applied['special']);
    }

    public function testSeveralLettersAndSingleTerms(): void
    {
        foreach ([
            '(2x+3y)(x-4y+5)',
            '3x(x+1)',
            '-(a+b)(a-b)',
            '(x+y)^3',
            '3x·5x^2',
            '(ab-2c)(a+b+c)',
            '1/2(m-n)(m+n)',
            '-2x(x-1/3)(x+y)',
        ] as $typed) {
            for ($seed = 1; $seed <= Chance::seeds(12); ++$seed) {
                $task = new Task(Problem::read($typed), (new Chance($seed))->style());
                foreach (['grid', 'term-by-term'] as $id) {
                    $this->assertWellMade(
                        $this->catalogue->demonstrate($task, 'multiply', $id),
                        "$typed $id seed $seed",
                    );
                }
            }
        }
    }

    /** A letter may fall out: x − x is 0, and the work is checked all the same. */
    public function testALetterThatFallsOutIsNoTrouble(): void
    {
        foreach (['(x-x+1)^2-9' => '-8', '0(x+1)^2-9' => '-9', '(y-y)(x+1)+3' => '3'] as $typed => $answer) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            $demonstration = Jobs::catalogue()->demonstrate($task, 'multiply', 'term-by-term');
            self::assertSame($answer, Ascii::write($demonstration->answer->node()), $typed);
            self::assertSame([], Auditor::faults($demonstration), $typed);
        }
    }

    public function testShowThatNamesItsCoefficients(): void
    {
        $task = new Task(Problem::read('(x-1)(x+2)(3x-4)=ax^3+bx^2+cx+d'), (new Chance(1))->style());
        foreach (['grid', 'term-by-term', 'by-degree', 'columns'] as $id) {
            $letters = $this->catalogue->demonstrate($task, null, $id)->answer->details()['letters'];
            self::assertSame(['a' => '3', 'b' => '-1', 'c' => '-10', 'd' => '8'], array_map(
                Ascii::write(...),
                $letters,
            ));
        }
    }

    public function testTheOrderOfThreeBracketsIsFreeAndForecast(): void
    {
        $problem = Problem::read('(x+5)(x^2-3x+1)(2x+1)');
        $costs = [];
        foreach (['1-2', '1-3', '2-3'] as $first) {
            $demonstration = $this->catalogue->demonstrate(new Task(
                $problem,
                (new Chance(3))->style(),
                ['first' => $first],
            ), null, 'term-by-term');
            $options = $demonstration->sections[0]->steps[\count($demonstration->sections[0]->steps) - 1]->options;
            self::assertCount(3, $options);
            foreach ($options as $option) {
                self::assertSame($option->value === $first, $option->taken);
                $costs[$option->value] = $option->label->parameters['count'];
            }
            self::assertSame($costs[$first], $demonstration->forecast->products);
        }
        self::assertSame(['1-2' => 14, '1-3' => 13, '2-3' => 14], $costs);
    }

    /** @return array{list<string>, array<string, mixed>} lines and the last figure */
    private static function shown(?SideWork $work): array
    {
        return [
            array_map(static fn(Line $line): string => Ascii::write($line->node), $work->lines ?? []),
            $work?->figure?->data() ?? [],
        ];
    }

    private function assertWellMade(Demonstration $demonstration, string $where): void
    {
        $links = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                $links[] = $line->link;
            }
        }
        self::assertSame(Link::Given, $links[0], $where);
        self::assertContains(Link::Result, $links, $where);
        self::assertSame([], Auditor::faults($demonstration), $where);
        self::assertGreaterThanOrEqual(3, \count($demonstration->checks()));
    }

    /**
     * @param list<Rational> $left
     * @param list<string>   $right
     *
     * @return list<Rational>
     */
    private static function convolve(array $left, array $right): array
    {
        $product = array_fill(0, \count($left) + \count($right) - 1, Rational::zero());
        foreach ($left as $first => $a) {
            foreach ($right as $second => $b) {
                $product[$first + $second] = $product[$first + $second]->plus($a->times(self::rational($b)));
            }
        }

        return array_values($product);
    }

    private static function rational(string $written): Rational
    {
        [$numerator, $denominator] = explode('/', $written) + [1 => '1'];

        return Rational::fraction((int) $numerator, (int) $denominator);
    }
}
