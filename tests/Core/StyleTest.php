<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\GridFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Notation\Ascii;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** What each key of the house style changes, and that it changes nothing else. */
final class StyleTest extends TestCase
{
    public function testTheTableHoldsWhatIsChosen(): void
    {
        $style = HouseStyle::of(['times' => 'cross', 'words' => 'us', 'places' => '4']);
        self::assertSame(['places' => '4', 'times' => 'cross'], $style->chosen());
        self::assertSame('dot', $style->with('times', 'dot')->all()['times']);
        self::assertSame(array_keys(HouseStyle::table()), array_keys($style->all()));
        foreach ([['colour' => 'red'], ['times' => 'star'], ['times' => ['x']], ['places' => 2.5]] as $wrong) {
            try {
                HouseStyle::of($wrong);
                self::fail(json_encode($wrong, \JSON_THROW_ON_ERROR));
            } catch (BadRequest $refusal) {
                self::assertSame('bad-request', $refusal->code());
            }
        }
    }

    public function testTheLongerFactorLiesWhereTheHouseWants(): void
    {
        foreach (['top' => [4, 2], 'side' => [2, 4], 'as-given' => [2, 4]] as $value => [$columns, $rows]) {
            $figure = $this->show('(x+2)(x^3+x+1)', 'grid', ['grid-long-edge' => $value])->steps()[1]->figure;
            self::assertInstanceOf(GridFigure::class, $figure);
            self::assertSame([$columns, $rows], [\count($figure->top), \count($figure->side)], $value);
        }
    }

    public function testOuterCellsFirst(): void
    {
        $cells = fn(string $value): array => array_values(array_filter(
            array_map(static fn(Step $step): string => $step->id, $this->show('(2x+1)(x+4)', 'grid', [
                'outer-terms-first' => $value,
            ])->steps()),
            static fn(string $id): bool => str_starts_with($id, 'cell-'),
        ));
        self::assertSame(['cell-1-1', 'cell-1-2', 'cell-2-1', 'cell-2-2'], $cells('off'));
        self::assertSame(['cell-1-1', 'cell-2-2', 'cell-1-2', 'cell-2-1'], $cells('on'));
    }

    public function testMiddleTermsInTheHead(): void
    {
        $written = $this->show('(x+6)(x-2)', 'term-by-term', ['middle-terms' => 'written']);
        $inHead = $this->show('(x+6)(x-2)', 'term-by-term', ['middle-terms' => 'in-head']);
        self::assertSame(\count($written->steps()) - 3, \count($inHead->steps()));
        self::assertContains('x*(-2)+6*x = 4*x', self::lines($inHead));
        self::assertNotContains('x*(-2) = -2*x', self::lines($inHead));
        self::assertNotContains('middle', array_map(
            static fn(Step $step): string => $step->id,
            $this->show('(x+y)(x+z)', 'term-by-term', ['middle-terms' => 'in-head'])->steps(),
        ), 'unlike middles cannot be added in the head');
    }

    public function testMinusOneGoesOutsideOrIntoExactlyOneFactor(): void
    {
        foreach (['split-middle', 'product-grid', 'cross', 'trial', 'scale'] as $method) {
            self::assertSame('-3*(x-2)*(2*x-5)', self::answer($this->show('-6x^2+27x-30', $method, [
                'minus-one' => 'outside',
            ])));
            self::assertSame('3*(-x+2)*(2*x-5)', self::answer(
                $this->show('-6x^2+27x-30', $method, ['minus-one' => 'inside']),
            ));
        }
        self::assertSame('-(2*x-3)^2', self::answer($this->show('-4x^2+12x-9', 'special', ['minus-one' => 'outside'])));
        self::assertSame('(-2*x+3)*(2*x-3)', self::answer(
            $this->show('-4x^2+12x-9', 'special', ['minus-one' => 'inside']),
        ));
    }

    public function testSignsFirstOrLastInCrossProducts(): void
    {
        $signs = fn(string $value): array => $this->step(
            $this->show('2x^2-5x-3', 'cross', ['cross-signs' => $value]),
            'place-signs',
        );
        self::assertSame(['1-6 = -5'], $signs('first'));
        self::assertSame(['1+6 = 7', '1-6 = -5', '-1+6 = 5', '-1-6 = -7'], $signs('last'));
    }

    public function testTheVerdictIsSaidOrHeldBack(): void
    {
        $places = fn(string $problem, string $value): array => array_keys(array_filter(
            array_map(
                static fn(Step $step): string => $step->id,
                $this->show($problem, 'trial', ['verdict' => $value])->steps(),
            ),
            static fn(string $id): bool => $id === 'verdict',
        ));
        self::assertSame([3], $places('2x^2+9x+7', 'shown'));
        self::assertSame([], $places('2x^2+9x+7', 'held'));
        self::assertSame([3], $places('2x^2+9x+8', 'shown'));
        self::assertGreaterThan(4, $places('2x^2+9x+8', 'held')[0], 'after the hunt has failed');
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function checks(): iterable
    {
        yield 'term by term' => ['term-by-term', 'rows'];
        yield 'grid' => ['grid', 'grid'];
        yield 'by degree' => ['by-degree', 'arcs'];
        yield 'columns' => ['columns', 'columns'];
    }

    #[DataProvider('checks')]
    public function testMultipliesBackByTheFavouriteWay(string $value, ?string $figure): void
    {
        $check = $this->show('8x^2+22x+15', 'cross', [], ['check-by' => $value])->checks()[0];
        self::assertSame($figure, $check->figure?->type());
        self::assertSame('(2*x+3)*(4*x+5) = 8*x^2+22*x+15', Ascii::write(
            $check->lines[\count($check->lines) - 1]->node,
        ));
    }

    public function testTheFavouriteComesFirstAndIsTakenByDefault(): void
    {
        foreach (['split-middle', 'cross', 'scale', 'product-grid'] as $favourite) {
            $task = new Task(Problem::read('12p^2-11p-15'), HouseStyle::default(), ['favourite' => $favourite]);
            self::assertSame($favourite, Jobs::catalogue()->offers($task)[0]->method->id());
            self::assertSame($favourite, Jobs::catalogue()->demonstrate($task)->method);
        }
        $ranked = array_map(static fn($offer): ?int => $offer->forecast?->trials, \array_slice(
            Jobs::catalogue()->offers(new Task(Problem::read('12p^2-11p-15'), HouseStyle::default())),
            0,
            5,
        ));
        $sorted = $ranked;
        sort($sorted);
        self::assertSame($sorted, $ranked, 'otherwise the fewest trials come first');
    }

    public function testTheSplitGoesBothWays(): void
    {
        $task = fn(string $split): Task => new Task(
            Problem::read('8x^2+22x+15'),
            HouseStyle::default(),
            ['split' => $split],
        );
        $small = Jobs::catalogue()->demonstrate($task('small'), null, 'split-middle');
        $large = Jobs::catalogue()->demonstrate($task('large'), null, 'split-middle');
        self::assertContains('8*x^2+10*x+12*x+15', self::lines($small));
        self::assertContains('8*x^2+12*x+10*x+15', self::lines($large));
        self::assertContains('2*x*(4*x+5)+3*(4*x+5)', self::lines($small));
        self::assertContains('4*x*(2*x+3)+5*(2*x+3)', self::lines($large));
    }

    /**
     * @param array<string, string> $style
     * @param array<string, string> $choices
     */
    private function show(string $problem, string $method, array $style, array $choices = []): Demonstration
    {
        return Jobs::catalogue()->demonstrate(new Task(
            Problem::read($problem),
            HouseStyle::of($style),
            $choices,
        ), null, $method);
    }

    /** @return list<string> */
    private function step(Demonstration $demonstration, string $id): array
    {
        foreach ($demonstration->steps() as $step) {
            if ($step->id === $id) {
                return array_map(static fn(Line $line): string => Ascii::write($line->node), $step->lines);
            }
        }
        self::fail("no step $id");
    }

    private static function answer(Demonstration $demonstration): string
    {
        $lines = array_merge(...array_map(static fn(Step $step): array => $step->lines, $demonstration->steps()));
        $last = array_filter($lines, static fn(Line $line): bool => $line->link === Link::Result);
        self::assertCount(1, $last);

        return Ascii::write($demonstration->answer->node());
    }

    /** @return list<string> */
    private static function lines(Demonstration $demonstration): array
    {
        return array_map(static fn(Line $line): string => Ascii::write($line->node), array_merge(
            ...array_map(static fn(Step $step): array => $step->lines, $demonstration->steps()),
        ));
    }
}
