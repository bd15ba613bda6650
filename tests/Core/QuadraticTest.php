<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Judging\Judge;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Runel\Style\NegativeRoot;

/** Quadratics by every road: whatever the numbers and the house style, all of them agree. */
final class QuadraticTest extends TestCase
{
    private const ROADS = ['factoring', 'square-roots', 'completing-square', 'formula'];
    private const STYLES = [
        [],
        ['leading' => 'factor-out'],
        ['leading' => 'fit', 'half-squared' => 'keep'],
        ['square-books' => 'same-side', 'fractions' => 'separate'],
        ['leading' => 'factor-out', 'square-books' => 'same-side', 'moving' => 'across'],
        ['answers' => 'both', 'places' => '4'],
        ['negative-root' => 'complex', 'answers' => 'both'],
    ];

    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    /** Every demonstration is audited on its way; here the roads are compared with one another and with b² − 4ac. */
    public function testAllRoadsAgree(): void
    {
        $kinds = [];
        for ($seed = 1; $seed <= Chance::seeds(90); ++$seed) {
            [$typed, $discriminant] = $this->equation(new Chance($seed), $seed);
            $style = HouseStyle::of(self::STYLES[$seed % \count(self::STYLES)]);
            $task = new Task(Problem::read($typed), $style);
            $answers = [];
            foreach (self::ROADS as $road) {
                try {
                    $answers[$road] = $this->solved($task, $road);
                } catch (MethodDoesNotApply) {
                    continue;
                }
            }
            self::assertArrayHasKey('formula', $answers, $typed);
            self::assertGreaterThan(1, \count($answers), $typed);
            $complex = $style->get(NegativeRoot::class) === NegativeRoot::Complex;
            $kind = $discriminant->isZero() ? 1 : ($discriminant->isNegative() && !$complex ? 0 : 2);
            foreach ($answers as $road => $solutions) {
                self::assertCount($kind, $solutions, "$typed by $road");
                self::assertSame($answers['formula'], $solutions, "$typed by $road");
            }
            $kinds[$kind] = ($kinds[$kind] ?? 0) + 1;
        }
        ksort($kinds);
        self::assertSame([0, 1, 2], array_keys($kinds), 'none, one and two solutions turned up');
    }

    public function testDecimalsAreTheExactFormRounded(): void
    {
        $demonstration = $this->catalogue->demonstrate(
            new Task(Problem::read('5x^2-14x+6=0'), HouseStyle::of(['answers' => 'decimal', 'places' => '6'])),
            'solve',
            'completing-square',
        );
        $root = BigDecimal::of(19)->sqrt(60);
        $expected = array_map(
            static fn(BigDecimal $top): string => (string) $top->dividedBy(5, 6, RoundingMode::HALF_UP),
            [BigDecimal::of(7)->plus($root), BigDecimal::of(7)->minus($root)],
        );
        self::assertSame($expected, $demonstration->answer->details()['decimals'] ?? []);
    }

    public function testVertexFormExpandsBackAndNamesTheExtreme(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(60); ++$seed) {
            $chance = new Chance($seed);
            $a = $chance->dice->getInt(-4, 4) ?: 3;
            $function = $a . 'x^2' . sprintf('%+dx%+d', $chance->dice->getInt(-9, 9), $chance->dice->getInt(-9, 9));
            $typed = ['y=', 'f(x)=', ''][$seed % 3] . $function;
            $demonstration = $this->catalogue->demonstrate(
                new Task(Problem::read($typed), HouseStyle::default()),
                'complete-square',
                'vertex',
            );
            $form = str_replace(['y = ', 'y='], '', Ascii::write($demonstration->answer->node()));
            self::assertTrue(
                Polynomial::fromExpression(Problem::read($form . '+0x')->node)
                    ->equals(Polynomial::fromExpression(Problem::read($function)->node)),
                $typed,
            );
            self::assertSame($a > 0 ? 'least' : 'greatest', $demonstration->answer->details()['extreme'] ?? null);
        }
    }

    public function testEveryDecisionIsAStep(): void
    {
        $steps = fn(string $typed, array $style): array => array_map(
            static fn(Step $step): string => $step->id,
            $this->catalogue->demonstrate(
                new Task(Problem::read($typed), HouseStyle::of($style)),
                'complete-square',
                'equation',
            )->steps(),
        );
        self::assertSame(
            [
                'read',
                'gather',
                'divide',
                'gap',
                'half',
                'fill',
                'square',
                'tidy',
                'both-roots',
                'simplify-root',
                'alone',
            ],
            $steps('5x^2-14x+6=0', []),
        );
        self::assertContains('factor-out', $steps('5x^2-14x+6=0', ['leading' => 'fit']));
        self::assertContains('divide', $steps('5x^2-20x+5=0', ['leading' => 'fit']));
        self::assertContains('move-square', $steps('x^2+8x=33', ['square-books' => 'same-side']));
        self::assertContains('swap-sides', $steps('4=x^2+6x', []));
        self::assertContains('no-solution', $steps('x^2+2x+9=0', []));
    }

    public function testSlipsAreDiagnosedWhereTheyLurk(): void
    {
        $style = ['leading' => 'factor-out'];
        foreach ([
            ['5x^2-14x+6=0', [], 'divide', 'x²-14/5x=-6/5', null],
            ['5x^2-14x+6=0', [], 'divide', 'x²-14x=-6/5', 'divided-some-terms'],
            ['5x^2-14x+6=0', [], 'divide', 'x²-14/5x=-6', 'divided-some-terms'],
            ['5x^2-14x+6=0', [], 'divide', '5x²-14x=-6', 'judge.form-line'],
            ['x^2+10=-7x', [], 'half', '7/2', 'half-not-squared'],
            ['x^2+10=-7x', [], 'half', '49', 'squared-not-halved'],
            ['x^2+10=-7x', [], 'fill', 'x²+7x+49/4=-10+49/4', null],
            ['x^2+10=-7x', [], 'fill', 'x²+7x+49/4=-10', 'added-to-one-side'],
            ['5x^2-14x+6=0', $style, 'fill', '5(x²-14/5x+49/25)=-6+49/25', 'outer-factor-forgotten'],
            ['x^2+10=-7x', [], 'square', '(x+7/2)²', null],
            ['x^2+10=-7x', [], 'solutions', '-2', 'root-lost'],
            ['x^2+10=-7x', [], 'solutions', 'x=-2 or x=-5', null],
        ] as [$typed, $keys, $step, $answer, $outcome]) {
            $steps = $this->catalogue->demonstrate(
                new Task(Problem::read($typed), HouseStyle::of($keys)),
                'solve',
                'completing-square',
            )->steps();
            $asked = array_values(
                array_filter($steps, static fn(Step $other): bool => $other->id === $step),
            )[0]->question;
            self::assertNotNull($asked, "$typed $step");
            $verdict = Judge::verdict($asked, $answer, Jobs::all()->of('solve')->rules());
            self::assertSame(
                $outcome,
                $verdict->right ? null : ($verdict->slip->value ?? $verdict->message->key),
                "$typed $step $answer",
            );
        }
    }

    public function testBadInputIsRefusedInWords(): void
    {
        foreach ([
            'x^2+x+1=x^2' => 'quadratic.refusal',
            '0x^2+3x=1' => 'quadratic.refusal',
            '(x-4)^2=18' => 'quadratic.refusal-square',
            'x^2=7' => 'quadratic.refusal-no-middle',
            '1234567890123456789012345678901234567890x^2+x=1' => 'quadratic.too-large',
        ] as $typed => $reason) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($this->catalogue->offers($task) as $offer) {
                if ($offer->method->id() === 'completing-square') {
                    self::assertSame($reason, $offer->refusal?->reason->key, $typed);
                }
            }
        }
        $this->expectException(Refusal::class);
        Problem::read('x^2+1/0=0');
    }

    /** @return list<string> the solutions as they are written for machines, in order */
    private function solved(Task $task, string $road): array
    {
        $demonstration = $this->catalogue->demonstrate($task, 'solve', $road);
        $details = $demonstration->answer->details()['solutions'] ?? [];
        $solutions = [];
        foreach (\is_array($details) ? $details : [] as $solution) {
            $solutions[] = \is_string($solution) ? $solution : Ascii::write($solution);
        }
        sort($solutions);
        self::assertNotSame([], self::lines($demonstration));

        return $solutions;
    }

    /** @return list<Line> */
    private static function lines(Demonstration $demonstration): array
    {
        return array_merge(...array_map(static fn(Step $step): array => $step->lines, $demonstration->steps()));
    }

    /** @return array{string, Rational} an equation in one of many shapes, and its discriminant */
    private function equation(Chance $chance, int $seed): array
    {
        $dice = $chance->dice;
        $number = static fn(): Rational => $seed % 3 === 0
            ? Rational::fraction($dice->getInt(-9, 9), $dice->getInt(1, 6))
            : Rational::of($dice->getInt(-9, 9));
        do {
            $a = $number();
        } while ($a->isZero());
        $b = $number();
        $c = $number();
        if ($seed % 7 === 0) {
            // A double root: b² = 4ac.
            $b = Rational::of(2)->times($a)->times($number());
            $c = $b->times($b)->dividedBy(Rational::of(4)->times($a));
        }
        $term = static fn(Rational $value, string $letters): string => ($value->isNegative() ? '-' : '+')
            . "({$value->absolute()})$letters";
        $whole = $term($a, 'x^2') . $term($b, 'x');
        $typed = match ($seed % 4) {
            0 => "$whole{$term($c, '')}=0",
            1 => "$whole={$term($c->negated(), '')}",
            2 => "{$term($c->negated(), '')}=$whole",
            default => "{$term($a, 'x^2')}{$term($c, '')}={$term($b->negated(), 'x')}",
        };

        return [$typed, $b->times($b)->minus(Rational::of(4)->times($a)->times($c))];
    }
}
