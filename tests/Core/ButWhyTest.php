<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\AreaFigure;
use Runel\Demonstration\Figure\GridFigure;
use Runel\Demonstration\Figure\NumberLineFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Job\Jobs;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Runel\Why\ButWhy;

/** One layer deeper: the law is that of what was done, and the numbers come out the same. */
final class ButWhyTest extends TestCase
{
    /** @param array<string, string> $laws by the id of a step */
    #[DataProvider('demonstrations')]
    public function testTheLawIsThatOfTheStep(string $typed, string $job, string $method, array $laws): void
    {
        $demonstration = self::show($typed, $job, $method);
        $found = [];
        foreach ($demonstration->steps() as $place => $step) {
            $why = ButWhy::of($demonstration, $place);
            if ($why !== null && isset($laws[$step->id])) {
                $found[$step->id] = str_replace('why.law.', '', $why->law->key);
            }
        }
        self::assertSame($laws, $found);
    }

    /** @return iterable<array{string, string, string, array<string, string>}> */
    public static function demonstrations(): iterable
    {
        yield ['3(x-2)=x+4', 'solve', 'balance', [
            'expand' => 'rewritten', 'gather' => 'subtract', 'number' => 'add', 'coefficient' => 'divide',
        ]];
        yield ['√(x+6)=x', 'solve', 'isolate-roots', [
            'square-1' => 'square-both-sides', 'multiply-out-1' => 'root-squared',
            'rest-swap-sides' => 'swap-sides', 'rest-zero-product' => 'zero-product',
            'test-1' => 'rejected', 'test-2' => 'numbers', 'left' => 'join-branches',
        ]];
        yield ['x^2-4x+1=0', 'solve', 'formula', ['discriminant' => 'numbers', 'substitute' => 'formula']];
        yield ['(x+3)(x-4)', 'multiply', 'term-by-term', ['split' => 'equal', 'product-1-2' => 'side']];
        yield ['x^2=49', 'solve', 'square-roots', ['both-roots' => 'root-both-sides']];
        yield ['x^2=3/5', 'solve', 'square-roots', ['simplify-root' => 'rationalised']];
        yield ['(x^3-4x+6)/(x-2)', 'divide', 'synthetic', ['bring-down' => 'synthetic', 'add-1' => 'synthetic']];
        yield ['(x+1)^3=(2x-3)^3', 'solve', 'powers', ['both-roots' => 'root-odd']];
        yield ['x^4=81', 'solve', 'powers', ['roots' => 'root-even']];
        yield ['x^(2/3)=9', 'solve', 'powers', ['raise-1' => 'raise-odd', 'raise-2' => 'raise-odd']];
        yield ['root(4,x)=3', 'solve', 'powers', ['raise-1' => 'raise-even']];
        yield ['√(18x^3)', 'simplify', 'radicals', ['root-1' => 'roots', 'result' => 'roots']];
        yield ['9x^2-25', 'factor', 'special', ['recognise' => 'difference-of-squares']];
    }

    /** Where a product is multiplied out, or becomes one, its area is the picture; nothing negative has one. */
    public function testAProductIsSeenAsAnArea(): void
    {
        $pictures = static function (string $typed, string $job, string $method): array {
            $demonstration = self::show($typed, $job, $method);
            $found = [];
            foreach (array_keys($demonstration->steps()) as $place) {
                $picture = ButWhy::of($demonstration, $place)?->picture;
                if ($picture instanceof AreaFigure) {
                    $found[] = implode(' | ', array_map(
                        static fn(int $row): string => implode(', ', array_map(
                            static fn(int $column): string => Ascii::write($picture->piece($row, $column)),
                            array_keys($picture->top),
                        )),
                        array_keys($picture->side),
                    ));
                }
            }

            return array_values(array_unique($found));
        };
        self::assertContains('3*x, 12', $pictures('3(x+4)=27', 'solve', 'balance'));
        self::assertContains('x^2, 4*x | 3*x, 12', $pictures('x^2+7x+12', 'factor', 'cross'));
        self::assertSame([], $pictures('3(x-4)=27', 'solve', 'balance'));
    }

    /** Like terms are seen on a diagonal, signed numbers as jumps; where nothing is to be seen, nothing is drawn. */
    public function testLikeTermsLieInAGridAndSignsOnALine(): void
    {
        $multiplied = self::show('(x+3)(x-4)', 'multiply', 'term-by-term');
        $places = array_flip(array_map(static fn(Step $step): string => $step->id, $multiplied->steps()));
        $grid = ButWhy::of($multiplied, $places['collect-1'])?->picture;
        self::assertInstanceOf(GridFigure::class, $grid);
        self::assertSame(['0,1', '1,0'], array_keys($grid->lit() === [] ? [] : $grid->state->lit));
        self::assertSame('-4*x', Ascii::write($grid->cells[0][1]));

        $hunted = self::show('x^2-4x+1=0', 'solve', 'formula');
        $drawn = [];
        foreach (array_keys($hunted->steps()) as $place) {
            $picture = ButWhy::of($hunted, $place)?->picture;
            if ($picture instanceof NumberLineFigure) {
                $drawn[] = [$picture->jumps, $picture->places()];
            }
        }
        self::assertSame([[[16, -4], [0, 16, 12]]], $drawn);
        foreach (['2+3=5', '30-2=28', 'x+y-2=3'] as $unseen) {
            $line = Problem::read($unseen)->node;
            self::assertInstanceOf(Equation::class, $line);
            self::assertNull(NumberLineFigure::of($line), $unseen);
        }
    }

    public function testANumberShowsItOnBothLines(): void
    {
        $demonstration = self::show('3(x-2)=x+4', 'solve', 'balance');
        $place = array_search('gather', array_column($demonstration->steps(), 'id'), true);
        $why = ButWhy::of($demonstration, (int) $place);
        self::assertNotNull($why);
        $write = static fn(Line $line): string => Ascii::write($line->node);
        self::assertSame(['x = 5'], array_map(Ascii::write(...), $why->numbers));
        self::assertSame(['3*5-6 = 15-6', '15-6 = 9', '5+4 = 9'], array_map($write, $why->before));
        self::assertSame(['2*5-6 = 10-6', '10-6 = 4'], array_map($write, $why->after));
    }

    /** Whatever is shown by whatever way: each line of it is true, and most steps have numbers. */
    public function testEveryNumberIsTrue(): void
    {
        $asked = 0;
        $seen = 0;
        foreach ([
            '(3t^3-4t+2)(t^2-5)', '12p^2-11p-15', '4x^2=12x+7', '(2x-3)^2=50', '2x^3-3x^2-8x+12=0', 'v=u+at for t',
            'sqrt(3x+1)-sqrt(x+4)=1', '(3x^3-11x^2+4)/(x-2)', 'y=2x^2-12x+11', 'x/3-2=4',
        ] as $typed) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach (EveryWay::of($task) as $way => $demonstration) {
                foreach (array_keys($demonstration->steps()) as $place) {
                    $why = ButWhy::of($demonstration, $place);
                    $asked += $why === null ? 0 : 1;
                    $seen += $why === null || $why->numbers === [] ? 0 : 1;
                    foreach ([...$why->before ?? [], ...$why->after ?? []] as $line) {
                        self::assertInstanceOf(Equation::class, $line->node);
                        self::assertTrue(Evaluation::rational($line->node->left)->equals(
                            Evaluation::rational($line->node->right),
                        ), "$typed by $way: " . Ascii::write($line->node));
                    }
                }
            }
        }
        self::assertGreaterThan(250, $asked);
        self::assertGreaterThan(90, $seen);
    }

    private static function show(string $typed, string $job, string $method): Demonstration
    {
        return Jobs::catalogue()->demonstrate(new Task(Problem::read($typed), HouseStyle::default()), $job, $method);
    }
}
