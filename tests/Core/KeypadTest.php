<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Runel\Algebra\RealNumber;
use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Job\Jobs;
use Runel\Parsing\Parser;
use Runel\Problem\Problem;
use Runel\Style\Calculator;
use Runel\Style\HouseStyle;
use Runel\Why\KeyedNumbers;
use Runel\Working\Keypad;

/** The keys are judged by a calculator of the test's own, which knows nothing of trees. */
final class KeypadTest extends TestCase
{
    public function testTheKeysWorkOutTheNumberAndTheWrongOnesTheOther(): void
    {
        [$keyed, $wrong] = [0, 0];
        for ($seed = 1; $seed <= Chance::seeds(400); ++$seed) {
            $typed = self::number(new Chance($seed), 3);
            foreach (Calculator::cases() as $kind) {
                $meant = Parser::parse($typed)->node;
                self::assertInstanceOf(Expression::class, $meant);
                $figure = Keypad::of($meant, $kind);
                if ($figure === null) {
                    continue;
                }
                ++$keyed;
                self::assertComesTo($figure->meant, $figure->keys, "$typed, $kind->value");
                if ($figure->other !== null) {
                    ++$wrong;
                    self::assertComesTo($figure->other, $figure->wrong, "$typed, $kind->value, wrongly");
                    self::assertNotEquals(\array_slice($figure->keys, -1), \array_slice($figure->wrong, -1), $typed);
                }
            }
        }
        self::assertGreaterThan(Chance::seeds(600), $keyed);
        self::assertGreaterThan(100, $wrong);
    }

    /** What the two kinds show of numbers on which people slip. */
    public function testTheBracketThatIsMissed(): void
    {
        self::assertSame(['5 ± x² =', '25', '', ''], self::told('(-5)^2', Calculator::Plain));
        self::assertSame(
            ['( (−) 5 ) x² =', '25', '(−) 5 x² =', '−25'],
            self::told('(-5)^2', Calculator::FractionKey),
        );
        self::assertSame(
            ['( 5 ± ÷ 2 ) x² =', '6.25', '5 ± ÷ 2 x² =', '−1.25'],
            self::told('(-5/2)^2', Calculator::Plain),
        );
        self::assertSame(['√ 25 a/b 4 =', '5/2', '', ''], self::told('sqrt(25/4)', Calculator::FractionKey));
        self::assertSame(
            ['( 25 ÷ 4 ) √ =', '2.5', '25 ÷ 4 √ =', '12.5'],
            self::told('sqrt(25/4)', Calculator::Plain),
        );
        self::assertSame(['12 ÷ ( 2 × 3 ) =', '2', '12 ÷ 2 × 3 =', '18'], self::told('12/(2*3)', Calculator::Plain));
    }

    /** Of a line the numbers alone, a sign between terms left away, nothing twice. */
    public function testTheNumbersOfALineAreFound(): void
    {
        $task = new Task(Problem::read('2x^2-5x-1=0'), HouseStyle::default());
        foreach (Jobs::catalogue()->demonstrate($task, 'solve', 'completing-square')->steps() as $step) {
            if ($step->id === 'both-roots') {
                self::assertSame(['5 ÷ 4 =', '( 33 ÷ 16 ) √ ='], array_map(
                    static fn(CalculatorFigure $figure): string => implode(' ', array_column($figure->keys, 0)),
                    KeyedNumbers::of($step, Calculator::Plain),
                ));

                return;
            }
        }
        self::fail('no root was taken');
    }

    /** @return array{string, string, string, string} keys, display, wrong keys, wrong display */
    private static function told(string $typed, Calculator $kind): array
    {
        $number = Parser::parse($typed)->node;
        self::assertInstanceOf(Expression::class, $number);
        $figure = Keypad::of($number, $kind);
        self::assertNotNull($figure);

        return [
            implode(' ', array_column($figure->keys, 0)),
            $figure->keys[\count($figure->keys) - 1][1],
            implode(' ', array_column($figure->wrong, 0)),
            $figure->wrong[\count($figure->wrong) - 1][1] ?? '',
        ];
    }

    private static function number(Chance $chance, int $depth): string
    {
        $one = static fn(): string => (string) $chance->dice->getInt(1, 30);
        $more = static fn(): string => self::number($chance, $depth - 1);

        return match ($depth === 0 ? 0 : $chance->dice->getInt(0, 8)) {
            1 => '(' . $more() . '+' . $more() . ')',
            2 => '(' . $more() . '-' . $more() . ')',
            3 => '(' . $more() . ')*(' . $more() . ')',
            4, 5 => '(' . $more() . ')/(' . $more() . ')',
            6 => '(' . $more() . ')^' . $chance->dice->getInt(2, 3),
            7 => 'sqrt(' . $more() . ')',
            8 => '(-(' . $more() . '))',
            default => $one(),
        };
    }

    /** @param list<array{string, string}> $keys */
    private static function assertComesTo(Expression $number, array $keys, string $where): void
    {
        $meant = (float) (RealNumber::of($number)?->toDecimal(9) ?? self::fail($where));
        $pressed = array_column($keys, 0);
        $place = 0;
        $where .= ': ' . implode(' ', $pressed);
        $value = self::sum($pressed, $place);
        self::assertSame('=', $pressed[$place], $where);
        self::assertEqualsWithDelta($meant, $value, 1e-6 * max(1, abs($meant)), $where);
        $shown = str_replace('−', '-', $keys[\count($keys) - 1][1]);
        [$above, $below] = explode('/', "$shown/1");
        self::assertEqualsWithDelta($meant, (float) $above / (float) $below, 1e-5, "$where shows $shown");
    }

    /** @param list<string> $keys */
    private static function sum(array $keys, int &$place): float
    {
        $value = self::product($keys, $place);
        while (\in_array($keys[$place], ['+', '−'], true)) {
            $sign = $keys[$place++] === '+' ? 1 : -1;
            $value += $sign * self::product($keys, $place);
        }

        return $value;
    }

    /** @param list<string> $keys */
    private static function product(array $keys, int &$place): float
    {
        $value = self::signed($keys, $place);
        while (\in_array($keys[$place], ['×', '÷'], true)) {
            $value = $keys[$place++] === '×'
                ? $value * self::signed($keys, $place)
                : $value / self::signed($keys, $place);
        }

        return $value;
    }

    /** @param list<string> $keys */
    private static function signed(array $keys, int &$place): float
    {
        if ($keys[$place] === '(−)') {
            ++$place;

            return -self::signed($keys, $place);
        }
        if ($keys[$place] === '√') {
            ++$place;

            return sqrt(self::one($keys, $place));
        }
        $value = self::one($keys, $place);
        while (\in_array($keys[$place], ['x²', 'xʸ', '±', '√'], true)) {
            $value = match ($keys[$place++]) {
                'x²' => $value ** 2,
                'xʸ' => $value ** (int) $keys[$place++],
                '√' => sqrt($value),
                default => -$value,
            };
        }

        return $value;
    }

    /** @param list<string> $keys */
    private static function one(array $keys, int &$place): float
    {
        if ($keys[$place] === '(') {
            ++$place;
            $value = self::sum($keys, $place);
            self::assertSame(')', $keys[$place++]);

            return $value;
        }
        $value = (float) $keys[$place++];
        if ($keys[$place] !== 'a/b') {
            return $value;
        }
        ++$place;

        return $value / (float) $keys[$place++];
    }
}
