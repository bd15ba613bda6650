<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\BridgeFigure;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Job\Jobs;
use Runel\Judging\Judge;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Divisions by every way: all agree, nothing is lost, and every number of every tableau is right. */
final class DivisionTest extends TestCase
{
    private const WAYS = ['term-by-term', 'long', 'synthetic', 'grid', 'bridge'];

    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = Jobs::catalogue();
    }

    public function testAllWaysAgreeAndNothingIsLost(): void
    {
        $used = [];
        for ($seed = 1; $seed <= Chance::seeds(70); ++$seed) {
            $chance = new Chance($seed);
            $letter = $chance->one(['x', 't', 'n', 'w']);
            $degree = $chance->dice->getInt(1, 10);
            $fractions = $seed % 3 === 0;
            $dividend = $chance->polynomial($chance->coefficients($degree, $fractions), $letter);
            $divisor = match (true) {
                $seed % 10 === 0 => ($chance->dice->getInt(-6, 6) ?: 5) . "$letter^"
                    . $chance->dice->getInt(1, min($degree, 4)),
                $seed % 2 === 0 => $letter . sprintf('%+d', $chance->dice->getInt(-6, 6) ?: 5),
                default => $chance->polynomial(
                    $chance->coefficients(min($degree, $chance->dice->getInt(1, 3)), $fractions),
                    $letter,
                ),
            };
            $typed = "($dividend)/($divisor)";
            $task = new Task(Problem::read($typed), $chance->style());
            $answers = [];
            foreach (self::WAYS as $way) {
                try {
                    // The catalogue shows nothing that the audit has not approved.
                    $demonstration = $this->catalogue->demonstrate($task, 'divide', $way);
                } catch (MethodDoesNotApply) {
                    continue;
                }
                $answers[$way] = array_map(
                    static fn(mixed $part): string => $part instanceof Expression ? Ascii::write($part) : '',
                    $demonstration->answer->details(),
                );
                $this->recompute($demonstration, $typed);
                $used[$way] = ($used[$way] ?? 0) + 1;
            }
            self::assertGreaterThan(1, \count($answers), $typed);
            [$above, $below] = [self::read($dividend), self::read($divisor)];
            foreach ($answers as $way => $answer) {
                self::assertSame($answers['long'], $answer, "$typed by $way");
                [$quotient, $rest] = [self::read($answer['quotient']), self::read($answer['remainder'])];
                self::assertTrue($below->times($quotient)->plus($rest)->equals($above), "$typed by $way");
                self::assertTrue($rest->isZero() || $rest->degree() < $below->degree(), $typed);
            }
        }
        self::assertSame([], array_diff(self::WAYS, array_keys($used)), 'every way was gone');
    }

    /** A tableau is nothing but bring down, multiply, add: worked out anew from its corner and its first line. */
    private function recompute(Demonstration $demonstration, string $typed): void
    {
        foreach ($demonstration->steps() as $step) {
            $figure = $step->figure instanceof BridgeFigure ? $step->figure->adding : $step->figure;
            if (!$figure instanceof TableauFigure) {
                continue;
            }
            $value = static fn(string $number): Rational => self::read($number)->coefficient('x', 0);
            $corner = $value(Ascii::write($figure->corner));
            $sum = Rational::zero();
            foreach ($figure->top as $place => $top) {
                $product = $corner->times($sum);
                if ($place > 0) {
                    $written = $value(Ascii::write($figure->products[$place - 1]));
                    self::assertTrue($product->equals($written), "$typed: product $place");
                }
                $sum = $value(Ascii::write($top))->plus($product);
                self::assertTrue($sum->equals($value(Ascii::write($figure->sums[$place]))), "$typed: sum $place");
            }
        }
    }

    public function testWhatIsNoDivisionIsSaidSo(): void
    {
        foreach ([
            '(x+1)/(x^2-3)' => 'divide.refusal-degree',
            '(x^2+y)/(x-1)' => 'divide.refusal-letters',
            '(x^2+1)/(x-x)' => 'error.zero-denominator',
            'sqrt(x)/(x-1)' => 'divide.refusal-not-polynomial',
        ] as $typed => $key) {
            try {
                $this->catalogue->demonstrate(new Task(Problem::read($typed), HouseStyle::default()), 'divide', 'long');
                self::fail("$typed was divided");
            } catch (Refusal $refusal) {
                self::assertSame($key, $refusal->reason->key, $typed);
            }
        }
    }

    public function testSlipsAreRecognised(): void
    {
        $slips = [];
        foreach ([
            ['(3x^3-11x^2+4)/(x-2)', 'synthetic', 'corner', '-2', 'divisor-sign-not-turned'],
            ['(3x^3-11x^2+4)/(x-2)', 'synthetic', 'add-1', '-17', 'subtracted-not-added'],
            ['(3x^3-11x^2+4)/(x-2)', 'synthetic', 'quotient-form', '3x^2-5x-10', 'remainder-left-out'],
            ['(3x^3-11x^2+4)/(x-2)', 'long', 'set-up', '3', 'missing-placeholder'],
            ['(3x^3-11x^2+4)/(x-2)', 'synthetic', 'set-up', '3', 'missing-placeholder'],
            ['(3x^3-11x^2+4)/(x-2)', 'long', 'round-1-times', '3x^3', 'quotient-degree'],
            ['(3x^3-11x^2+4)/(x-2)', 'bridge', 'turned', '-2', 'divisor-sign-not-turned'],
            ['(6x^3-7x^2+4x-1)/(2x-1)', 'synthetic', 'divide-quotient', '6x^2-4x+2', 'outer-factor-forgotten'],
            ['(6x^3-7x^2+4x-1)/(2x-1)', 'grid', 'need-2', '-10x^2', 'minus-not-carried'],
        ] as [$typed, $way, $id, $answer, $slip]) {
            $task = new Task(Problem::read($typed), HouseStyle::default());
            foreach ($this->catalogue->demonstrate($task, 'divide', $way)->steps() as $step) {
                if ($step->id === $id && $step->question !== null) {
                    $slips["$typed $way $id"] = [$slip, Judge::verdict(
                        $step->question,
                        $answer,
                        Jobs::all()->of('divide')->rules(),
                    )->slip?->value];
                }
            }
        }
        self::assertCount(9, $slips);
        foreach ($slips as $where => [$expected, $found]) {
            self::assertSame($expected, $found, $where);
        }
    }

    private static function read(string $typed): Polynomial
    {
        $node = Parser::parse($typed)->node;
        self::assertInstanceOf(Expression::class, $node);

        return Polynomial::fromExpression($node);
    }
}
