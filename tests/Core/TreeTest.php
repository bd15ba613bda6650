<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Notation\Ascii;
use Runel\Number\Field\Floats;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Slip\LineParts;

/** The tree: rebuildable, with one form for every number, and the spellings that lead to it. */
final class TreeTest extends TestCase
{
    public function testEveryTreeCanBeTakenApartAndRebuilt(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(300); ++$seed) {
            $expression = (new Chance($seed))->expression(4);
            $rebuilt = self::rebuilt($expression);
            self::assertEquals($expression, $rebuilt, "seed $seed");
            self::assertSame($expression, Rewriter::everywhere($expression, static fn(Node $node): ?Node => null));
            $isLeaf = static fn(Node $node): bool => $node instanceof Letter || $node instanceof Numeral;
            // Letters and numbers are no places, but for one that stands alone.
            $places = self::nodes($expression) - ($isLeaf($expression) ? 0 : Inside::count($expression, $isLeaf));
            $changed = iterator_to_array((new LineParts($expression))->atEachPlace(
                static fn(Node $node): iterable => [new Letter('q')],
            ), false);
            self::assertCount($places, $changed, "one tree for each place, seed $seed");
            foreach ($changed as $tree) {
                self::assertStringContainsString('q', Ascii::write($tree));
            }
        }
    }

    public function testPartsOfTheWrongNumberOrKindAreRefused(): void
    {
        $wrong = [
            [Sum::of([new Letter('x'), new Letter('y')]), [new Letter('x')]],
            [new Negative(new Letter('x')), []],
            [new Letter('x'), [new Letter('y')]],
            [new Equation(
                new Letter('x'),
                new Letter('y'),
            ), [new Letter('x'), new Equation(new Letter('x'), new Letter('y'))]],
        ];
        foreach ($wrong as [$node, $children]) {
            try {
                $node->withChildren($children);
                self::fail($node::class);
            } catch (\LogicException $fault) {
                self::assertStringContainsString('wanted here', $fault->getMessage());
            }
        }
    }

    public function testEveryNumberHasOneForm(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(200); ++$seed) {
            $chance = new Chance($seed);
            $value = Rational::fraction($chance->dice->getInt(-99, 99), $chance->dice->getInt(1, 12));
            $expression = Numeral::of($value);
            $inner = $expression instanceof Negative ? $expression->operand : $expression;
            self::assertSame($value->isNegative(), $expression instanceof Negative);
            self::assertSame(!$value->isInteger(), $inner instanceof Quotient);
            self::assertTrue(Evaluation::rational($expression)->equals($value));
            self::assertEquals($expression, Parser::parse(
                Ascii::write($expression),
            )->node, 'typed and made are the same tree');
        }
    }

    public function testPuttingNumbersForLettersIsWorkingThemOut(): void
    {
        for ($seed = 1; $seed <= Chance::seeds(200); ++$seed) {
            $chance = new Chance($seed);
            $expression = $chance->expression(3);
            $values = [];
            $put = $expression;
            foreach (['x', 'y', 'a', 'T', 'n'] as $place => $letter) {
                $values[$letter] = Rational::of($place + 2);
                $put = Substitution::into($put, $letter, Numeral::of($place + 2));
            }
            try {
                $value = Evaluation::rational($expression, $values);
            } catch (\DomainException) {
                continue;
            }
            self::assertTrue(Evaluation::rational($put)->equals($value), "seed $seed");
            $floats = array_map(static fn(Rational $own): float => $own->toFloat(), $values);
            $near = Evaluation::at(new Floats(), $floats)->of($expression);
            self::assertEqualsWithDelta($value->toFloat(), $near, 1e-9 * max(1, abs($near)), "seed $seed");
        }
    }

    public function testWhatIsTypedOrTakenApartIsStillTheSame(): void
    {
        $values = [];
        foreach (['x', 'y', 'a', 'T', 'n'] as $place => $letter) {
            $values[$letter] = Rational::fraction(2 * $place + 3, 2);
        }
        $numbers = 0;
        for ($seed = 1; $seed <= Chance::seeds(400); ++$seed) {
            $expression = (new Chance($seed))->expression(3);
            try {
                $value = Evaluation::rational($expression, $values);
            } catch (\DomainException) {
                continue;
            }
            $of = static fn(Expression $part): Rational => Evaluation::rational($part, $values);
            $typed = Parser::parse(Ascii::typed($expression))->node;
            self::assertInstanceOf(Expression::class, $typed);
            self::assertTrue($of($typed)->equals($value), "seed $seed: " . Ascii::typed($expression));
            self::assertTrue($of($expression->negated())->equals($value->negated()), "seed $seed: negated");
            $terms = array_map($of, $expression->terms());
            $sum = Rational::zero();
            foreach ($terms as $term) {
                $sum = $sum->plus($term);
            }
            self::assertTrue($sum->equals($value), "seed $seed: terms");
            $factors = array_map($of, $expression->factors());
            $all = Rational::one();
            foreach ($factors as $factor) {
                $all = $all->times($factor);
            }
            self::assertTrue($all->equals($value), "seed $seed: factors");
            if ($expression->isNumber()) {
                ++$numbers;
                self::assertTrue($expression->number()?->equals($value), "seed $seed: number");
                self::assertSame($value->isZero(), $expression->isZero());
                self::assertSame($value->isOne(), $expression->isOne());
            }
            self::assertTrue($expression->equals($expression->withChildren($expression->children())));
            self::assertFalse($expression->equals(new Power($expression, Numeral::of(2))));
        }
        self::assertGreaterThan(10, $numbers);
        self::assertSame('15x^2-2(x-4)', Ascii::typed(Parser::parse('15x²-2(x-4)')->node));
        self::assertSame('s*i*n*(x+1)', Ascii::typed(Parser::parse('s*i*n*(x+1)')->node), 'letters are no word');
    }

    /** @return iterable<array{string, string}> */
    public static function spellings(): iterable
    {
        $vulgar = [
            '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5',
            '⅗' => '3/5',
            '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
        ];
        foreach ($vulgar as $sign => $fraction) {
            yield ["{$sign}x", "($fraction)x"];
        }
        foreach (['⁰', '¹', '²', '³', '⁴', '⁵', '⁶', '⁷', '⁸', '⁹'] as $digit => $raised) {
            yield ["x$raised", "x^$digit"];
        }
        foreach (['−', '–', '‐', '‑', '﹣', '－'] as $minus) {
            yield ["x {$minus} 3", 'x-3'];
        }
        foreach (['×', '·', '⋅', '∙', '•', '∗', '*', ' \cdot ', ' \times ', ' \ast '] as $times) {
            yield ["3{$times}x", '3*x'];
        }
        foreach (['÷', '∕', '⁄', '/', ' \div '] as $over) {
            yield ["x{$over}3", 'x/3'];
        }
        yield ['x**3', 'x^3'];
        yield ['x⁻²', 'x^(-2)'];
        yield ['x¹²', 'x^12'];
        yield ['√2', 'sqrt(2)'];
        yield ['\sqrt{x+1}', 'sqrt(x+1)'];
        yield ['\frac{3}{4}x', '(3/4)x'];
        yield ['\dfrac34x', '(3/4)x'];
        yield ['\left(x+1\right)', '(x+1)'];
        yield ['[x+1]{x+2}', '(x+1)(x+2)'];
        yield ["x\u{00A0}+\u{2009}1", 'x+1'];
        yield ['$x+1$', 'x+1'];
        yield ['.5x', '0.5x'];
        yield ['＋x＝3', 'x=3'];
    }

    #[DataProvider('spellings')]
    public function testManySpellingsOneTree(string $typed, string $plain): void
    {
        self::assertSame(Ascii::write(Parser::parse($plain)->node), Ascii::write(Parser::parse($typed)->node));
    }

    private static function rebuilt(Node $node): Node
    {
        return $node->withChildren(array_map(self::rebuilt(...), $node->children()));
    }

    private static function nodes(Node $node): int
    {
        return 1 + array_sum(array_map(self::nodes(...), $node->children()));
    }
}
