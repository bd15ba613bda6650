<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Sets\SeededChance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Substitution;
use Runel\Job\Jobs;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Law\Claim\DivisionHolds;
use Runel\Law\Claim\Solves;
use Runel\Message\BadRequest;
use Runel\Notation\Ascii;
use Runel\Practice\Belonging;
use Runel\Practice\Made;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Proof\Proof;
use Runel\Style\HouseStyle;

/** Problems made to order are of their rung and no other, right, different, and the same on every machine. */
final class PracticeTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function skills(): iterable
    {
        foreach (Jobs::ladders()->all as $ladder) {
            yield $ladder->skill() => [$ladder->skill()];
        }
    }

    #[DataProvider('skills')]
    public function testEachRungAddsExactlyOneDifficulty(string $skill): void
    {
        $names = static fn(array $traits): array => array_map(
            static fn(Difficulty $trait): string => $trait->value,
            $traits,
        );
        $rungs = Jobs::ladders()->of($skill)->rungs();
        self::assertGreaterThan(3, \count($rungs));
        self::assertSame([], $rungs[0]->traits);
        foreach (\array_slice($rungs, 1) as $place => $rung) {
            self::assertNotNull($rung->adds);
            self::assertSame([$rung->adds->value], array_values(array_diff(
                $names($rung->traits),
                $names($rungs[$place]->traits),
            )));
            self::assertSame($place + 2, $rung->number);
        }
    }

    /** Over many seeds; an answer is looked at by the laws alone, not by the method that found it. */
    #[DataProvider('skills')]
    public function testProblemsHaveTheTraitsOfTheirRungAndRightAnswers(string $skill): void
    {
        $ladder = Jobs::ladders()->of($skill);
        $seen = [];
        foreach ($ladder->rungs() as $rung) {
            for ($seed = 1; $seed <= Chance::seeds(6); ++$seed) {
                foreach ($this->make($skill, (string) $rung->number, '2', (string) ($seed * 37)) as $made) {
                    // Read afresh from what was typed, as anybody would who types it.
                    $again = new Seen(Jobs::catalogue()->demonstrate(
                        new Task(Problem::read($made->problem), HouseStyle::default()),
                        $ladder->job(),
                        $ladder->method(),
                    ));
                    foreach ($ladder->rungs() as $other) {
                        $isOwn = $other->number === $rung->number;
                        self::assertSame($isOwn, $ladder->fits($other, $again), $made->problem);
                    }
                    $this->assertAnswerHolds($made);
                    $seen[$made->problem] = true;
                }
            }
        }
        self::assertGreaterThan(\count($ladder->rungs()) * 2, \count($seen));
    }

    /** A set's address that was made before pairs were hunted from the nearer end still leads to that set. */
    public function testASeedOfEarlierDefaultsMakesItsSet(): void
    {
        $made = static fn(int $defaults): array => array_slice(array_map(
            static fn(Made $made): string => $made->problem,
            Maker::make(Jobs::catalogue(), new SeededChance(), HouseStyle::default(), Order::of(
                Jobs::ladders()->of('factor-monic'),
                '',
                '10',
                '5',
                Wishes::of(['trials' => '3', 'method' => 'sum-product']),
                [],
                $defaults,
            )),
        ), 4);
        self::assertSame([
            'x^2 - x - 12', '5x^2 - 20x - 160', '4x^2 - 20x - 24', '-3x^2 + 6x + 9', '-3p^2 + 6p + 105',
            '-3a^2 + 21ay + 24y^2',
        ], $made(1));
        self::assertSame(['3k^2 - 9k - 120', '-5n^2 + 5n + 150'], \array_slice($made(2), 2, 2));
    }

    #[DataProvider('skills')]
    public function testNoProblemComesTwiceAndNoAnswerTwiceRunning(string $skill): void
    {
        $made = $this->make($skill, '', '24', '5');
        $problems = array_map(static fn(Made $one): string => $one->problem, $made);
        self::assertSame($problems, array_unique($problems));
        foreach (\array_slice($made, 1) as $place => $one) {
            self::assertNotSame(
                Ascii::write($made[$place]->demonstration->answer->node()),
                Ascii::write($one->demonstration->answer->node()),
            );
            self::assertGreaterThanOrEqual($made[$place]->rung->number, $one->rung->number);
        }
        self::assertSame(
            array_map(static fn(Rung $rung): int => $rung->number, Jobs::ladders()->of($skill)->rungs()),
            array_values(array_unique(array_map(static fn(Made $one): int => $one->rung->number, $made))),
        );
    }

    public function testTheSameSeedMakesTheSameSetInAnotherProcess(): void
    {
        $own = array_map(static fn(Made $one): string => $one->problem, $this->make('linear', '2-5', '12', '7'));
        $code = 'require "vendor/autoload.php"; foreach (Runel\Practice\Maker::make('
            . 'Runel\Job\Jobs::catalogue(), new App\Sets\SeededChance(), Runel\Style\HouseStyle::default(), '
            . 'Runel\Practice\Order::of(Runel\Job\Jobs::ladders()->of("linear"), '
            . '"2-5", "12", "7", Runel\Practice\Wishes::none())) as $one) '
            . 'echo $one->problem, "\n";';
        $other = shell_exec('cd ' . escapeshellarg(\dirname(__DIR__, 2)) . ' && ' . escapeshellarg(\PHP_BINARY)
            . ' -r ' . escapeshellarg($code));
        self::assertSame(implode("\n", $own) . "\n", $other);
    }

    public function testWishesAreMet(): void
    {
        foreach ($this->make('factor-leading', '4', '8', '3', ['trials' => '9', 'letters' => 'n']) as $made) {
            self::assertLessThanOrEqual(9, $made->demonstration->forecast->trials);
            self::assertSame(['n'], $made->demonstration->task->problem->letters);
        }
        foreach ($this->make('multiply-binomials', '3', '8', '3', ['largest' => '5']) as $made) {
            preg_match_all('/\d+/', $made->problem, $numbers);
            self::assertLessThanOrEqual(5, max(array_map(intval(...), $numbers[0])));
        }
        foreach ($this->make('linear', '5', '4', '3', ['trap' => 'minus-not-carried']) as $made) {
            self::assertContains('minus-not-carried', array_map(
                static fn($step): string => $step->watch->value ?? '',
                $made->demonstration->steps(),
            ));
        }
        foreach ($this->make('square-solve', '1-3', '6', '3', ['method' => 'formula']) as $made) {
            self::assertSame('formula', $made->demonstration->method);
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function impossible(): iterable
    {
        yield 'numbers too small' => [['largest' => '1'], 'practice.wish.largest'];
        yield 'a trap that is not there' => [['trap' => 'quotient-degree'], 'practice.wish.trap'];
        yield 'a method that never fits' => [['method' => 'special'], 'practice.wish.method'];
    }

    /** @param array<string, string> $wishes */
    #[DataProvider('impossible')]
    public function testWhatCannotBeMadeSaysWhichWishToLoosen(array $wishes, string $key): void
    {
        try {
            $this->make('multiply-binomials', '5', '3', '1', $wishes);
            self::fail('made all the same');
        } catch (BadRequest $refusal) {
            self::assertSame('practice.impossible', $refusal->reason->key);
            self::assertSame($key, $refusal->reason->parameters['wish']->key ?? null);
        }
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function nonsense(): iterable
    {
        yield 'no such skill' => [['skill' => 'knitting']];
        yield 'no such rung' => [['rungs' => '9']];
        yield 'rungs backwards' => [['rungs' => '3-2']];
        yield 'none' => [['count' => '0']];
        yield 'far too many' => [['count' => '10000']];
        yield 'half a problem' => [['count' => '2.5']];
        yield 'a seed of words' => [['seed' => 'seven']];
    }

    /** @param array<string, string> $order */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(array $order): void
    {
        $this->expectException(BadRequest::class);
        $order += ['skill' => 'linear', 'rungs' => '', 'count' => '3', 'seed' => '1'];
        $ladder = Jobs::ladders()->of($order['skill']);
        Order::of($ladder, $order['rungs'], $order['count'], $order['seed'], Wishes::none());
    }

    public function testWishesNobodyKnowsAreRefused(): void
    {
        $wishes = ['colour' => 'red', 'largest' => 'x', 'letters' => 'e', 'trap' => 'nothing', 'whole' => 'maybe'];
        foreach ($wishes as $key => $value) {
            try {
                Wishes::of([$key => $value]);
                self::fail("$key was taken");
            } catch (BadRequest $refusal) {
                self::assertStringStartsWith('practice.wish-', $refusal->reason->key);
            }
        }
        $this->expectException(BadRequest::class);
        $this->make('linear', '1', '1', '1', ['method' => 'grid']);
    }

    /**
     * @param array<string, string> $wishes
     *
     * @return non-empty-list<Made>
     */
    private function make(string $skill, string $rungs, string $count, string $seed, array $wishes = []): array
    {
        return Maker::make(
            Jobs::catalogue(),
            new SeededChance(),
            HouseStyle::default(),
            Order::of(Jobs::ladders()->of($skill), $rungs, $count, $seed, Wishes::of($wishes)),
        );
    }

    private function assertAnswerHolds(Made $made): void
    {
        $proof = new Proof();
        $problem = $made->demonstration->task->problem;
        $answer = $made->demonstration->answer;
        $details = $answer->details();
        if ($made->demonstration->job === 'solve' && $problem->node instanceof Equation) {
            foreach (\is_array($details['solutions'] ?? null) ? $details['solutions'] : [] as $solution) {
                \assert($solution instanceof Expression);
                self::assertTrue(
                    $proof->holds(new Solves($problem->node, (string) $problem->letter(), $solution)),
                    $made->problem,
                );
            }
        } elseif ($problem->node instanceof Quotient && $made->demonstration->job === 'divide') {
            [$quotient, $remainder] = [$details['quotient'] ?? null, $details['remainder'] ?? null];
            \assert($quotient instanceof Expression && $remainder instanceof Expression);
            self::assertTrue($proof->holds(new DivisionHolds(
                $problem->node->numerator,
                $problem->node->denominator,
                $quotient,
                $remainder,
            )), $made->problem);
        } elseif ($problem->subject !== null && $problem->node instanceof Equation) {
            foreach (self::equations($answer->node()) as $result) {
                self::assertTrue($proof->same(
                    Substitution::into($problem->node->left, $problem->subject, $result->right),
                    Substitution::into($problem->node->right, $problem->subject, $result->right),
                ), $made->problem);
            }
        } else {
            $given = $problem->node instanceof Equation ? $problem->node->right : $problem->node;
            $found = $answer->node();
            $found = $found instanceof Equation ? $found->right : $found;
            self::assertTrue($found instanceof Expression && $proof->same($given, $found), $made->problem);
        }
    }

    /** @return list<Equation> */
    private static function equations(Node $node): array
    {
        return $node instanceof Equation ? [$node] : array_values(array_filter(
            $node->children(),
            static fn($child): bool => $child instanceof Equation,
        ));
    }

    /** What was made for a rung is found again to be of it, by the problem alone. */
    #[DataProvider('skills')]
    public function testAProblemIsFoundToBelongWhereItWasMade(string $skill): void
    {
        $catalogue = Jobs::catalogue();
        $ladder = Jobs::ladders()->of($skill);
        foreach (Maker::examples($catalogue, new SeededChance(), HouseStyle::default(), $ladder) as $made) {
            $belongs = Belonging::of($catalogue->demonstrate(
                new Task(Problem::read($made->problem), HouseStyle::default()),
                $made->demonstration->job,
                $made->demonstration->method,
            ), $catalogue);
            self::assertTrue($belongs->exact, $made->problem);
            if ($belongs->ladder?->skill() === $skill) {
                self::assertSame($made->rung->number, $belongs->rung?->number, $made->problem);
            }
        }
        $linear = $catalogue->demonstrate(new Task(Problem::read('7-2(t-3)=1'), HouseStyle::default()));
        $nearest = Belonging::of($linear, $catalogue);
        self::assertFalse($nearest->exact);
        self::assertSame(['linear', 5], [$nearest->ladder?->skill(), $nearest->rung?->number]);
    }

    /** @return iterable<array{string, string, string|null, int|null}> */
    public static function belongings(): iterable
    {
        yield ['x/2+x/3=10', 'balance', 'linear', 6];
        yield ['3x+5=20', 'balance', 'linear', 1];
        yield ['x^2-5x+6=0', 'factoring', null, null];
        yield ['x^2-5x+6=0', 'formula', null, null];
        yield ['2x+3=2x+5', 'balance', null, null];
    }

    /** The problem and the road say where work belongs; what is of no ladder is filed under none. */
    #[DataProvider('belongings')]
    public function testWorkIsFiledWhereItBelongs(string $problem, string $method, ?string $skill, ?int $rung): void
    {
        $catalogue = Jobs::catalogue();
        $belongs = Belonging::of($catalogue->demonstrate(
            new Task(Problem::read($problem), HouseStyle::default()),
            'solve',
            $method,
        ), $catalogue);
        self::assertSame([$skill, $rung], [$belongs->ladder?->skill(), $belongs->rung?->number]);
    }
}
