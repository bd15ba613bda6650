<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Sum;
use Runel\Notation\Arranger;
use Runel\Notation\Ascii;
use Runel\Notation\Latex;
use Runel\Notation\MathMl;
use Runel\Notation\PlainText;
use Runel\Notation\Speech;
use Runel\Notation\TimesSign;
use Runel\Number\Rational;
use Runel\Parsing\Parser;

/** Where brackets and times signs go, in every notation. */
final class NotationTest extends TestCase
{
    /** @return iterable<array{string, string, string, string}> typed, text, LaTeX, speech */
    public static function written(): iterable
    {
        yield ['2t^3-5t+1', '2t³ − 5t + 1', '2t^{3} - 5t + 1', '2 t cubed minus 5 t plus 1'];
        yield [
            '-(x-4)(x+1)',
            '−(x − 4)(x + 1)',
            '-\left(x - 4\right)\left(x + 1\right)',
            'minus open parenthesis x minus 4 close parenthesis open parenthesis x plus 1 close parenthesis',
        ];
        yield ['3*-x', '3 · (−x)', '3 \cdot \left(-x\right)', '3 times open parenthesis minus x close parenthesis'];
        yield ['2x*3x^2', '2x · 3x²', '2x \cdot 3x^{2}', '2 x times 3 x squared'];
        yield ['5-(-3)', '5 − (−3)', '5 - \left(-3\right)', '5 minus open parenthesis minus 3 close parenthesis'];
        yield [
            '(x+1)^10',
            '(x + 1)¹⁰',
            '\left(x + 1\right)^{10}',
            'open parenthesis x plus 1 close parenthesis to the power 10',
        ];
        yield ['(-2)^2', '(−2)²', '\left(-2\right)^{2}', 'open parenthesis minus 2 close parenthesis squared'];
        yield ['-2^2', '−2²', '-2^{2}', 'minus 2 squared'];
        yield ['3/4x', '(3/4)x', '\frac{3}{4}x', '3 quarters x'];
        yield [
            '(x+1)/(x-2)',
            '(x + 1)/(x − 2)',
            '\frac{x + 1}{x - 2}',
            'fraction x plus 1 over x minus 2 end fraction',
        ];
        yield ['sqrt(x+4)', '√(x + 4)', '\sqrt{x + 4}', 'the square root of x plus 4 end root'];
        yield ['\sqrt[3]{x}', '∛x', '\sqrt[3]{x}', 'the cube root of x end root'];
        yield [
            'R_1/v_f^2+R_{12}R₁^2',
            'R₁/(v_f²) + R₁₂R₁²',
            '\frac{R_{1}}{v_{f}^{2}} + R_{12}R_{1}^{2}',
            'fraction R sub 1 over v sub f squared end fraction plus R sub 12 R sub 1 squared',
        ];
        yield ['\theta_0-vₑ', 'θ₀ − vₑ', '\theta_{0} - v_{e}', 'θ sub 0 minus v sub e'];
        yield ['x^n', 'x^(n)', 'x^{n}', 'x to the power n'];
        yield ['x=0.50', 'x = 0.50', 'x = 0.50', 'x equals 0.50'];
    }

    #[DataProvider('written')]
    public function testWritesWhatASchoolWrites(string $typed, string $text, string $latex, string $speech): void
    {
        $box = (new Arranger())->arrange(Parser::parse($typed)->node);
        self::assertSame([$text, $latex, $speech], [
            (new PlainText())->write($box),
            (new Latex())->write($box),
            (new Speech(require __DIR__ . '/../../lang/en/speech.php'))->write($box),
        ]);
    }

    public function testTheTimesSignIsTheHouses(): void
    {
        $node = Parser::parse('2x*3x^2*(-5)')->node;
        $write = static fn(TimesSign $times): string => (new PlainText())->write(
            (new Arranger($times))->arrange($node),
        );
        self::assertSame(['2x · 3x² · (−5)', '2x × 3x² × (−5)', '2x(3x²)(−5)'], array_map($write, TimesSign::cases()));
    }

    public function testMarksAreShownAndChangeNothing(): void
    {
        $five = Numeral::of(5);
        $node = Sum::of([new Marked(
            new Letter('x'),
            Mark::ofDegree(1),
        ), new Marked(new Negative($five), Mark::cancels()), new Marked($five, Mark::written())]);
        $box = (new Arranger())->arrange($node);
        self::assertSame('x-5+5', Ascii::write($node));
        self::assertSame('x − 5 + 5', (new PlainText())->write($box));
        self::assertStringContainsString('\cancel{ - 5}', (new Latex())->write($box));
        self::assertStringContainsString('class="ink ink-1"', (new MathMl())->write($box));
        self::assertStringContainsString('class="mark-written"', (new MathMl())->write($box));
        self::assertStringEndsWith('minus 5 which cancels plus 5', (new Speech(
            require __DIR__ . '/../../lang/en/speech.php',
        ))->write($box));
    }

    /** A long line in pieces says the same as in one, and each piece stands by itself. */
    public function testALineCanBeBrokenIntoPieces(): void
    {
        $writer = new MathMl();
        for ($seed = 1; $seed <= Chance::seeds(300); ++$seed) {
            $box = (new Arranger())->arrange((new Chance($seed))->expression(4));
            $pieces = $writer->pieces($box);
            foreach ($pieces as $piece) {
                self::assertNotFalse(simplexml_load_string("<math>$piece</math>"), "seed $seed: $piece");
            }
            self::assertSame(strip_tags($writer->write($box)), strip_tags(implode('', $pieces)), "seed $seed");
        }
    }

    public function testAlternativesAndFractions(): void
    {
        $x = new Letter('x');
        $node = new Alternatives([new Equation($x, Numeral::of(4)), new Equation($x, new Negative(Numeral::of(
            Rational::fraction(5, 3),
        )))]);
        self::assertSame('x = 4 or x = -5/3', Ascii::write($node));
        self::assertSame('x = 4 or x = −5/3', (new PlainText())->write((new Arranger())->arrange($node)));
        self::assertSame('(7/3)^2*x', Ascii::write(Parser::parse('(7/3)^2x')->node));
        self::assertSame('2/(3*x)', Ascii::write(Parser::parse('2/(3x)')->node));
        self::assertSame('x-(y-z)', Ascii::write(Parser::parse('x-(y-z)')->node));
    }
}
