<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Expression\Equation;
use Runel\Job\Jobs;
use Runel\Message\Refusal;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;
use Runel\Notation\Arranger;
use Runel\Notation\Ascii;
use Runel\Notation\Latex;
use Runel\Notation\MathMl;
use Runel\Notation\PlainText;
use Runel\Notation\Speech;
use Runel\Notation\TimesSign;
use Runel\Parsing\Parser;
use Runel\Problem\Problem;
use Runel\Sentence\Sentence;

final class ParserTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function notations(): iterable
    {
        yield 'implicit' => ['(5x-2)(3x+7)', '(5*x-2)*(3*x+7)'];
        yield 'unicode minus and superscript' => ['x²−10x+7=0', 'x^2-10*x+7 = 0'];
        yield 'two-digit superscript' => ['2x¹²', '2*x^12'];
        yield 'fraction divided by fraction' => ['(x-1)/(x+2)÷(x+1)/(x-4)', '(x-1)/(x+2)/((x+1)/(x-4))'];
        yield 'all that stands together behind the sign' => ['12x^3÷3x', '12*x^3/(3*x)'];
        yield 'one after the other' => ['x^7÷x^3×x÷2', 'x^7/x^3*x/2'];
        yield 'division sign' => ['(3x^3-11x^2+4)÷(x-2)', '(3*x^3-11*x^2+4)/(x-2)'];
        yield 'an index raised' => ['⁵√32-2·⁴√(x)+x²√3', 'root(5,32)-2*root(4,x)+x^2*sqrt(3)'];
        yield 'an index in brackets' => ['√[5]7+√[12](x)+√[9]', 'root(5,7)+root(12,x)+sqrt(9)'];
        yield 'roots' => ['sqrt(3x+1)-√(x+4)=1', 'sqrt(3*x+1)-sqrt(x+4) = 1'];
        yield 'half of a product' => ['A = 1/2(a+b)h for b', 'A = 1/2*(a+b)*h'];
        yield 'decimals' => ['.5x + 1.25', '0.5*x+1.25'];
        yield 'latex' => ['\left(2x-\frac{1}{3}\right)\cdot\sqrt{x^{2}}', '(2*x-1/3)*sqrt(x^2)'];
        yield 'latex digits' => ['\frac34x', '3/4*x'];
        yield 'vulgar fraction' => ['½(p+q)', '1/2*(p+q)'];
        yield 'program power' => ['x**3*y', 'x^3*y'];
        yield 'minus after times' => ['3*-x', '3*(-x)'];
        yield 'minus of a square' => ['-x^2', '-x^2'];
        yield 'pi as a word' => ['V = pi r^2 h for h', 'V = π*r^2*h'];
        yield 'pi after a number' => ['2pi(x+1)', '2*π*(x+1)'];
        yield 'greek as latex' => ['\frac{\theta}{2\pi}+\phi', 'θ/(2*π)+φ'];
        yield 'no word inside letters' => ['pix + spi', 'p*i*x+s*p*i'];
        yield 'a mixed number' => ['2 3/7x', '(2+3/7)*x'];
        yield 'a mixed number in one sign' => ['1½x', '(1+1/2)*x'];
        yield 'letters with an index' => ['v_0t+½at²-R_1R₁₂', 'v_0*t+1/2*a*t^2-R_1*R_12'];
        yield 'square brackets' => ['[x+1]·{x-1}', '(x+1)*(x-1)'];
    }

    #[DataProvider('notations')]
    public function testReadsWhatPeopleType(string $typed, string $ascii): void
    {
        self::assertSame($ascii, Ascii::write(Sentence::read($typed)->node));
    }

    /** @return iterable<array{string, string, int}> */
    public static function mistakes(): iterable
    {
        yield ['(x+1)((x', 'error.unclosed', 7];
        yield ['((2t+1)(t-4)', 'error.unclosed', 1];
        yield ['x+1)', 'error.unopened', 4];
        yield ['(x+1]', 'error.wrong-bracket', 5];
        yield ['(x+)(x-1)', 'error.nothing-before-close', 3];
        yield ['2x_max', 'error.index', 3];
        yield ['R₁₂₃', 'error.index', 2];
        yield ['2x +', 'error.nothing-after', 4];
        yield ['x2+1', 'error.number-after', 2];
        yield ['(x+1)3', 'error.number-after', 6];
        yield ['3 4x', 'error.two-numbers', 3];
        yield ['1.5,5x', 'error.comma', 4];
        yield ['1,250x', 'error.comma-thousands', 2];
        yield ['1/0', 'error.division-by-zero', 3];
        yield ['18÷3(2+4)', 'error.two-readings', 4];
        yield ['5÷0', 'error.division-by-zero', 3];
        yield ['x=1=2', 'error.two-equals', 4];
        yield ['x^', 'error.no-exponent', 3];
        yield ['()', 'error.empty-bracket', 1];
        yield ['   ', 'error.empty', 1];
        yield ['x € y', 'error.unknown-character', 3];
        yield ["x\u{7}", 'error.unknown-character', 2];
        yield ['\int+1', 'error.unknown-command', 1];
        yield ['x^2 squared', 'error.word', 5];
        yield ['x^2+1 and x^2+2', 'error.two-problems', 7];
        yield ['(x+1) x (x+2)', 'error.times-or-letter', 7];
        yield ['3 x 4', 'error.times-or-letter', 3];
        yield ['2x + X', 'error.two-cases', 6];
        yield ['sin(x)+1', 'error.function', 1];
        yield ['3+f(x)', 'error.function-call', 3];
        yield ["\xff\xfe", 'error.not-text', 1];
        yield ['<b>', 'error.unknown-character', 1];
        yield [str_repeat('(', 3000), 'error.too-long', 401];
        yield [str_repeat('(', 60) . 'x', 'error.too-deep', 25];
    }

    #[DataProvider('mistakes')]
    public function testPointsAtMistakes(string $typed, string $key, int $at): void
    {
        try {
            Parser::parse($typed);
            self::fail('read without complaint');
        } catch (SyntaxError|TooLarge $error) {
            self::assertSame([$key, $at], [$error->reason->key, $error->at]);
        }
    }

    public function testEveryNotationReadsBackToTheSameTree(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(1500); ++$seed) {
            $chance = new Chance($seed);
            $typed = (new PlainText())->write((new Arranger())->arrange($chance->expression(4)));
            $tree = Parser::parse($typed)->node;
            self::assertNotInstanceOf(Equation::class, $tree);
            foreach ([new PlainText(), new Latex()] as $writer) {
                foreach ([TimesSign::Dot, TimesSign::Cross] as $times) {
                    $written = $writer->write((new Arranger($times))->arrange($tree));
                    self::assertEquals($tree, Parser::parse($written)->node, "seed $seed: $typed became $written");
                }
            }
            self::assertSame(Ascii::write($tree), Ascii::write(Parser::parse(Ascii::write($tree))->node), "seed $seed");
            $mathMl = (new MathMl())->write((new Arranger())->arrange($tree));
            self::assertNotFalse(simplexml_load_string(
                str_replace('&#x2062;', '', "<math>$mathMl</math>"),
            ), "seed $seed: $mathMl");
            $speech = new Speech(require __DIR__ . '/../../lang/en/speech.php');
            self::assertNotSame('', $speech->write((new Arranger())->arrange($tree)));
        }
    }

    public function testGarbageIsAnsweredByNamedErrorsOnly(): void
    {
        $scraps = [
            '(',
            ')',
            '[',
            '}',
            'x',
            'y',
            '2',
            '0',
            '.',
            ',',
            '^',
            '²',
            '⁻',
            '+',
            '-',
            '*',
            '/',
            '=',
            '√',
            'sqrt',
            '\frac',
            '\sqrt',
            '{',
            ' ',
            '½',
            ' for ',
            "\0",
            '9999999999',
            '\\',
            '<',
            '>',
            '"',
            "\xc3",
            '€',
            '(x+1)',
            '^5000',
            '1/0',
        ];
        $refused = 0;
        for ($seed = 1; $seed <= Chance::seeds(1500); ++$seed) {
            $chance = new Chance($seed);
            $typed = '';
            for ($length = $chance->dice->getInt(1, 14); $length > 0; --$length) {
                $typed .= $chance->one($scraps);
            }
            try {
                Jobs::all()->ofProblem(Problem::read($typed));
            } catch (Refusal $refusal) {
                ++$refused;
                self::assertTrue(
                    $refusal->at === null || ($refusal->at >= 1 && $refusal->at <= mb_strlen($typed) + 1),
                    "seed $seed: $typed",
                );
            }
        }
        self::assertGreaterThan(Chance::seeds(1200), $refused);
    }
}
