<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\AnswerKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\CrossingGridFigure;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Question;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Job\Factor\Arrangements;
use Runel\Job\Factor\PairSearch;
use Runel\Job\Jobs;
use Runel\Judging\Judge;
use Runel\Message\TooLarge;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Proof\Proof;
use Runel\Slip\LineParts;
use Runel\Slip\Rule\BracketPairRule;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;
use Runel\Style\PairOrder;
use Runel\Style\TurnedColumn;

/** Properties of every way to factor, and of solving by factoring, over random trinomials and house styles. */
final class FactorTest extends TestCase
{
    private const HUNTS = ['split-middle', 'product-grid', 'cross', 'trial', 'scale'];

    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    public function testEveryMethodGivesTheSameCompleteFactoring(): void
    {
        $applied = [];
        for ($seed = 1; $seed <= Chance::seeds(170); ++$seed) {
            $chance = new Chance($seed);
            [$coefficients, $prime] = $this->trinomial($chance, $seed);
            $typed = $this->typed($chance, $seed, $coefficients);
            $style = $chance->style();
            $task = new Task(Problem::read($typed), $style, ['split' => $chance->one(['small', 'large'])]);
            $finished = [];
            foreach ($this->catalogue->offers($task) as $offer) {
                if ($offer->forecast === null || $offer->method->job() !== 'factor') {
                    continue;
                }
                $id = $offer->method->id();
                $demonstration = $this->catalogue->demonstrate($task, 'factor', $id);
                $applied[$id] = ($applied[$id] ?? 0) + 1;
                $finished[] = $this->canonical($demonstration);
                $this->assertForecastHolds($demonstration, "seed $seed $id: $typed");
                $this->assertEveryTrialOnce($demonstration, $prime, "seed $seed $id: $typed");
                self::assertSame($offer->forecast->steps, $demonstration->forecast->steps);
            }
            self::assertNotSame([], $finished, "seed $seed: nothing factors $typed");
            self::assertCount(1, array_unique($finished), "seed $seed: $typed became " . implode(' or ', $finished));
            self::assertComplete($finished[0], $prime, "seed $seed: $typed");
        }
        foreach ([...self::HUNTS, 'sum-product', 'special', 'scale-why'] as $id) {
            self::assertGreaterThan(Chance::seeds($id === 'special' ? 24 : 40), $applied[$id] ?? 0, $id);
        }
    }

    public function testSolvesWhatItFactors(): void
    {
        $double = 0;
        for ($seed = 1; $seed <= Chance::seeds(120); ++$seed) {
            $chance = new Chance($seed);
            [$coefficients, $prime] = $this->trinomial($chance, 2 * $seed);
            $right = $chance->polynomial([
                (string) $chance->dice->getInt(-3, 3),
                (string) $chance->dice->getInt(-9, 9),
                (string) $chance->dice->getInt(1, 9),
            ], 'x');
            $left = Polynomial::ofCoefficients('x', array_map(Rational::of(...), $coefficients))->plus(
                $this->polynomial($right),
            );
            if ($left->letters() === []) {
                continue;
            }
            $typed = Ascii::write($left->toExpression()) . ' = ' . $right;
            $task = new Task(Problem::read($typed), $chance->style(), $this->by($chance, $typed));
            if ($prime) {
                $offers = array_filter(
                    $this->catalogue->offers($task),
                    static fn($offer): bool => $offer->method->id() === 'factoring',
                );
                self::assertNotNull(array_values($offers)[0]->refusal, $typed);
                continue;
            }
            $demonstration = $this->catalogue->demonstrate($task, 'solve', 'factoring');
            $this->assertForecastHolds($demonstration, "seed $seed: $typed");
            $answer = $demonstration->answer->node();
            self::assertSame($answer instanceof Alternatives ? 2 : 1, \count(
                $demonstration->answer->details()['solutions'],
            ));
            self::assertTrue($answer instanceof Alternatives || $answer instanceof Equation);
            [$a, $b, $c] = $coefficients;
            $values = array_map(
                static fn($solution): Rational => Evaluation::rational($solution),
                $demonstration->answer->details()['solutions'],
            );
            $sum = array_reduce(
                $values,
                static fn(Rational $total, Rational $value): Rational => $total->plus($value),
                Rational::zero(),
            );
            $sum = \count($values) === 1 ? $sum->times(Rational::of(2)) : $sum;
            self::assertTrue($sum->equals(Rational::fraction(-$b, $a)), "seed $seed: the solutions add to −b/a");
            self::assertTrue($values[0]->times(
                $values[1] ?? $values[0],
            )->equals(Rational::fraction($c, $a)), "seed $seed: the solutions multiply to c/a");
            $double += \count($values) === 1 ? 1 : 0;
        }
        self::assertGreaterThan(Chance::seeds(10), $double);
    }

    /** The hunts themselves, over every small trinomial: each candidate once, none missing, the right one once. */
    public function testHuntsAreCompleteAndWithoutRepeats(): void
    {
        for ($a = 1; $a <= 12; ++$a) {
            for ($c = -12; $c <= 12; ++$c) {
                for ($b = -14; $b <= 14; ++$b) {
                    if ($c === 0 || Integers::gcd(Integers::gcd($a, $b), $c) !== 1) {
                        continue;
                    }
                    $trinomial = Trinomial::of(
                        Polynomial::ofCoefficients('x', [Rational::of($a), Rational::of($b), Rational::of($c)]),
                    );
                    self::assertNotNull($trinomial);
                    foreach (PairOrder::cases() as $order) {
                        self::assertSame(
                            $trinomial->isPrime(),
                            PairSearch::of($a * $c, $b, $order)->hit === null,
                            "$a $b $c $order->value",
                        );
                    }
                    foreach ([
                        Arrangements::signsFirst($trinomial, TurnedColumn::Last),
                        Arrangements::signsLast($trinomial, TurnedColumn::Fewer),
                        Arrangements::brackets($trinomial, TurnedColumn::Fewer),
                    ] as $arrangements) {
                        self::assertSame($trinomial->isPrime(), $arrangements->hit === null, "$a $b $c");
                        $seen = [];
                        foreach ($arrangements->rows as $row) {
                            $key = [[$row->m, abs($row->r)], [$row->n, abs($row->s)]];
                            sort($key);
                            $seen[] = json_encode($key);
                        }
                        self::assertSame(array_unique($seen), $seen, "$a $b $c: an arrangement twice");
                        self::assertCount(self::allArrangements($a, abs($c)), $seen);
                    }
                }
            }
        }
    }

    public function testLargeNumbersAreAnsweredOrRefused(): void
    {
        foreach ([
            '720720x^2+1x-1386000',
            'x^2-999999999999',
            '5040x^2+143x+1',
            'x^2+1000001x+1000000',
            '3960x^2-2x-1',
            'x^2+x+999999999989',
        ] as $typed) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($this->catalogue->offers($task) as $offer) {
                if ($offer->forecast !== null && $offer->method->job() === 'factor') {
                    self::assertLessThan(40, $offer->forecast->steps, "$typed {$offer->method->id()}");
                    $this->catalogue->demonstrate($task, 'factor', $offer->method->id());
                }
            }
        }
        foreach ([
            '1000001x^2+x-1000000' => 'error.trials',
            'x^2+3000000001x+1' => 'error.middle',
            '99999999999999999999x^2+x+1' => 'error.trials',
        ] as $typed => $reason) {
            try {
                $this->catalogue->demonstrate(new Task(Problem::read($typed), HouseStyle::default()), 'factor');
                self::fail($typed);
            } catch (TooLarge $refusal) {
                self::assertSame($reason, $refusal->reason->key);
            }
        }
    }

    public function testTwoLettersAndMissingTerms(): void
    {
        $answers = [
            '6x^2+19xy+10y^2' => '(3*x+2*y)*(2*x+5*y)', '4a^2-9b^2' => '(2*a-3*b)*(2*a+3*b)',
            'x^2-6xy+9y^2' => '(x-3*y)^2',
            '6x^2+9x' => '3*x*(2*x+3)', '-8n^2+18' => '-2*(2*n-3)*(2*n+3)', '1/2x^2-1/3x-1/6' => '1/6*(x-1)*(3*x+1)',
            'x^2+9' => 'x^2+9', '-3(2x^2+5x+3)' => '-3*(x+1)*(2*x+3)',
        ];
        foreach ($answers as $typed => $expected) {
            $seen = [];
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($this->catalogue->offers($task) as $offer) {
                if ($offer->forecast !== null && $offer->method->job() === 'factor') {
                    $seen[] = $this->canonical($this->catalogue->demonstrate($task, 'factor', $offer->method->id()));
                }
            }
            self::assertSame([self::sorted($expected)], array_values(array_unique($seen)), $typed);
        }
    }

    public function testQuestionsAgreeWithThemselves(): void
    {
        $slips = [];
        for ($seed = 1; $seed <= Chance::seeds(60); ++$seed) {
            $chance = new Chance($seed);
            $task = new Task(Problem::read(
                $this->typed($chance, 3, $this->trinomial($chance, $seed)[0]),
            ), $chance->style());
            foreach ($this->catalogue->offers($task) as $offer) {
                foreach ($offer->forecast === null ? [] : $this->catalogue->demonstrate(
                    $task,
                    $offer->method->job(),
                    $offer->method->id(),
                )->steps() as $step) {
                    if ($step->question !== null) {
                        $written = array_map(Ascii::write(...), $step->question->accepted);
                        $together = \in_array($step->question->kind, [AnswerKind::Pair, AnswerKind::Solutions], true);
                        foreach ($together ? [implode(', ', $written)] : $written as $own) {
                            self::assertTrue(
                                Judge::verdict(
                                    $step->question,
                                    $own,
                                    Jobs::all()->of($offer->method->job())->rules(),
                                )->right,
                                "{$task->problem->source} {$offer->method->id()} {$step->id}: $own",
                            );
                        }
                        foreach (['signs-in-wrong-brackets', 'scaled-factors-given'] as $slip) {
                            $factored = self::wronglyFactored($step->question, $slip);
                            $verdict = $factored === null ? null : Judge::verdict(
                                $step->question,
                                $factored,
                                Jobs::all()->of($offer->method->job())->rules(),
                            );
                            self::assertNotSame(true, $verdict?->right, "{$task->problem->source} $factored");
                            $slips[$verdict->slip->value ?? ''] = true;
                        }
                    }
                }
            }
        }
        self::assertArrayHasKey('signs-in-wrong-brackets', $slips);
        self::assertArrayHasKey('scaled-factors-given', $slips);
    }

    /** @return array{array{int, int, int}, bool} coefficients, and whether it is prime */
    private function trinomial(Chance $chance, int $seed): array
    {
        $number = static fn(int $low, int $high): int =>
            ($value = $chance->dice->getInt($low, $high)) === 0 ? 1 : $value;
        [$m, $n] = $seed % 4 === 0 ? [1, 1] : [$chance->dice->getInt(1, 9), $chance->dice->getInt(1, 9)];
        [$r, $s] = $seed % 11 === 0 ? [$number(-20, 20), $number(-20, 20)] : [$number(-12, 12), $number(-12, 12)];
        if ($seed % 9 === 0) {
            [$n, $s] = [$m, $r];
        } elseif ($seed % 13 === 0) {
            [$n, $s] = [$m, -$r];
        }
        $scale = $seed % 3 === 0 ? $number(-6, 6) : ($seed % 5 === 0 ? -1 : 1);
        $coefficients = [$m * $n, $m * $s + $n * $r, $r * $s];
        if ($seed % 7 === 0) {
            ++$coefficients[1];
        }
        $discriminant = $coefficients[1] ** 2 - 4 * $coefficients[0] * $coefficients[2];
        $prime = $discriminant < 0 || ((int) sqrt($discriminant)) ** 2 !== $discriminant;

        return [[$coefficients[0] * $scale, $coefficients[1] * $scale, $coefficients[2] * $scale], $prime];
    }

    /**
     * As somebody might type it: in order, out of order, as an equation, with a second letter, over a denominator.
     *
     * @param array{int, int, int} $coefficients
     */
    private function typed(Chance $chance, int $seed, array $coefficients): string
    {
        [$a, $b, $c] = $coefficients;
        $signed = static fn(int $number, string $rest): string => $number === 0 ? '' : ($number < 0 ? '-' : '+')
            . abs($number)
            . $rest;

        return match ($seed % 6) {
            0 => ltrim($signed($c, '') . $signed($a, 'x^2') . $signed($b, 'x'), '+'),
            1 => ltrim($signed($a, 'n²') . $signed($b, 'n') . $signed($c, ''), '+') . '=0',
            2 => ltrim($signed($a, 'x^2') . $signed($b, 'xy') . $signed($c, 'y^2'), '+'),
            4 => ltrim($signed($a, '/6z^2') . $signed($b, '/6z') . $signed($c, '/6'), '+'),
            default => ltrim($signed($a, 'x^2') . $signed($b, 'x') . $signed($c, ''), '+'),
        };
    }

    private function assertForecastHolds(Demonstration $demonstration, string $where): void
    {
        self::assertCount($demonstration->forecast->steps, $demonstration->steps(), $where);
        $looked = 0;
        foreach ($demonstration->steps() as $step) {
            $figure = $step->figure instanceof CrossingGridFigure ? $step->figure->hunt : $step->figure;
            if ($figure instanceof PairHuntFigure || $figure instanceof ArrangementHuntFigure) {
                $looked = max($looked, \count($figure->rows) + $figure->passed);
            }
        }
        self::assertSame(
            $looked,
            $demonstration->forecast->trials,
            "$where: the trials forecast have to be the trials made",
        );
    }

    private function assertEveryTrialOnce(Demonstration $demonstration, bool $prime, string $where): void
    {
        foreach ($demonstration->steps() as $step) {
            $figure = $step->figure instanceof CrossingGridFigure ? $step->figure->hunt : $step->figure;
            if ($figure instanceof PairHuntFigure) {
                $pairs = array_map(static fn($row): string => "{$row->left},{$row->right}", [
                    ...$figure->rows,
                    ...$figure->folded,
                ]);
                self::assertSame(array_unique($pairs), $pairs, $where);
                $fits = \count(array_filter($figure->rows, static fn($row): bool => $row->fits));
                self::assertLessThanOrEqual($prime ? 0 : 1, $fits, $where);
            }
        }
    }

    /** The answer with its factors in a fixed order and form, to compare. */
    private function canonical(Demonstration $demonstration): string
    {
        return self::sorted(
            Ascii::write($demonstration->answer->node()),
            $demonstration->task->leavesCommonFactor(),
        );
    }

    /** @param bool $leaves whether a factor may keep its common factor */
    private static function sorted(string $ascii, bool $leaves = false): string
    {
        $node = Parser::parse($ascii)->node;
        \assert(!$node instanceof Equation);
        $number = Rational::one();
        $factors = [];
        foreach (\Runel\Judging\FactorsOf::expression($node) as $factor) {
            $polynomial = Polynomial::fromExpression($factor);
            if ($polynomial->degree() === 0) {
                $number = $number->times($polynomial->terms[0]->coefficient);
                continue;
            }
            if ($leaves) {
                // Where it stays is the way's own.
                $number = $number->times($polynomial->content());
                $polynomial = $polynomial->scaledBy($polynomial->content()->reciprocal());
            }
            if ($polynomial->terms[0]->coefficient->isNegative()) {
                $polynomial = $polynomial->negated();
                $number = $number->negated();
            }
            $factors[] = Ascii::write($polynomial->toExpression());
        }
        sort($factors);

        return $number . ' | ' . implode(' | ', $factors);
    }

    private static function assertComplete(string $canonical, bool $prime, string $where): void
    {
        $factors = \array_slice(explode(' | ', $canonical), 1);
        foreach ($factors as $factor) {
            $node = Parser::parse($factor)->node;
            \assert(!$node instanceof Equation);
            self::assertTrue(
                Polynomial::fromExpression($node)->content()->isOne(),
                "$where: $factor still hides a common factor",
            );
        }
        self::assertCount($prime ? 1 : 2, $factors, $where);
    }

    /**
     * A way to factor that fits an equation, or none chosen.
     *
     * @return array<string, string>
     */
    private function by(Chance $chance, string $typed): array
    {
        $offers = $this->catalogue->offers(new Task(Problem::read($typed), HouseStyle::default()));
        $fitting = array_filter(
            $offers,
            static fn($offer): bool => $offer->forecast !== null && \in_array($offer->method->id(), self::HUNTS, true),
        );
        $ids = array_map(static fn($offer): string => $offer->method->id(), array_values($fitting));

        return $ids === [] || $chance->dice->getInt(0, 3) === 0 ? [] : ['by' => $chance->one($ids)];
    }

    private function polynomial(string $typed): Polynomial
    {
        $node = Parser::parse($typed)->node;
        \assert(!$node instanceof Equation);

        return Polynomial::fromExpression($node);
    }

    /** How many different ways there are to put divisor pairs of a and c into two brackets. */
    private static function allArrangements(int $a, int $c): int
    {
        $all = [];
        for ($m = 1; $m <= $a; ++$m) {
            for ($r = 1; $r <= $c; ++$r) {
                if ($a % $m === 0 && $c % $r === 0) {
                    $key = [[$m, $r], [intdiv($a, $m), intdiv($c, $r)]];
                    sort($key);
                    $all[json_encode($key)] = true;
                }
            }
        }

        return \count($all);
    }

    /** Two brackets that come from a slip, for a question that asks for brackets. */
    private static function wronglyFactored(Question $question, string $slip): ?string
    {
        $subject = $question->accepted[0] instanceof Product ? ($question->subjects()[0] ?? null) : null;
        if (!$subject instanceof Expression) {
            return null;
        }
        foreach ((new BracketPairRule(Slip::from($slip)))->wrong(new LineParts($subject)) as $wrong) {
            $trinomial = $wrong instanceof Expression ? Trinomial::of(Polynomial::fromExpression($wrong)) : null;
            if ($wrong instanceof Expression && $trinomial?->isPrime() === false
                && !(new Proof())->same($wrong, $subject)) {
                [$first, $second] = $trinomial->brackets();

                return Ascii::write(Product::of([
                    ...$trinomial->common->factors(),
                    $first->toExpression(),
                    $second->toExpression(),
                ]));
            }
        }

        return null;
    }
}
