<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Greek;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\SyntaxError;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;

/** The mathematics between words: what stands there, and the problem that the words make of it. */
final class Mathematics
{
    /** What a function is called, and how its name stands before what it is. */
    private const FUNCTION = '/^\s*(?:([fghpqPQ])\s*\(\s*([A-Za-z])\s*\))\s*=(?=.*\S)/u';
    private const NAMED = '/^\s*(?:[A-Za-z](?:\s*\(\s*[A-Za-z]\s*\))?)\s*=(?=.*\S)/u';
    private const GREEK = [
        'alpha' => 'α', 'beta' => 'β', 'gamma' => 'γ', 'delta' => 'δ',
        'theta' => 'θ', 'lambda' => 'λ', 'omega' => 'ω', 'sigma' => 'σ',
    ];

    /** @return string|null the letter that a word is the name of; null where it is none */
    public static function greek(string $name): ?string
    {
        return self::GREEK[$name] ?? null;
    }

    /**
     * The problem that the work is about.
     *
     * @param string               $work what a frame of words says of its runs
     * @param array<string, Token> $runs by the letter of their place in it
     *
     * @return array{Expression|Equation, string|null, int|null, Expression|null} the problem, the name of a function,
     *                                                                            an awkward place, what is left over
     */
    public static function asked(string $work, array $runs): array
    {
        $a = self::run($runs['a']);
        $isPart = isset($runs['b']) && !\in_array($work, ['form', 'given'], true);
        $b = $isPart ? self::run($runs['b']) : null;
        $node = match ($work) {
            'factor-of', 'unknown-factor', 'unknown-remainder' => new Quotient(
                self::side($b?->node, $runs['b']),
                self::side($a->node, $runs['a']),
            ),
            'quotient' => new Quotient(self::side($a->node, $runs['a']), self::side($b?->node, $runs['b'])),
            'product' => Product::of([self::side($a->node, $runs['a']), self::side($b?->node, $runs['b'])]),
            'sum' => Sum::of([
                ...self::side($a->node, $runs['a'])->terms(),
                ...self::side($b?->node, $runs['b'])->terms(),
            ]),
            'difference' => Sum::of([
                ...self::side($b?->node, $runs['b'])->terms(),
                new Negative(self::side($a->node, $runs['a'])),
            ]),
            'equal' => new Equation(self::side($a->node, $runs['a']), self::side($b?->node, $runs['b'])),
            'square', 'cube' => new Power(self::side($a->node, $runs['a']), Numeral::of($work === 'square' ? 2 : 3)),
            'zero' => self::zeroed($runs['a'], $a->node),
            'given' => isset($runs['b']) ? self::given($runs['a'], $runs['b']) : $a->node,
            'solve' => $a->function !== null ? self::zeroed($runs['a'], $a->node) : $a->node,
            default => $a->node,
        };
        $remainder = match ($work) {
            'unknown-factor' => Numeral::of(0),
            'unknown-remainder', 'remainder' => self::side(self::run($runs['r'])->node, $runs['r']),
            default => null,
        };
        $isAbout = \in_array($work, ['simplify', 'plain', 'worked', 'curve', 'letter', 'form'], true);

        return [$node, $isAbout ? $a->function : null, $a->awkwardAt ?? $b?->awkwardAt, $remainder];
    }

    /**
     * What a factor is given of, and what is asked of it: f(x) = 0 of a function, its own equation of an expression.
     *
     * @throws SyntaxError where something else is to be solved
     */
    private static function given(Token $of, Token $asked): Expression|Equation
    {
        $whole = self::run($of);
        if ($whole->function !== null) {
            return str_contains($asked->text, '=') ? self::zeroed($of, $whole->node) : $whole->node;
        }
        self::refuseAnother($of, $asked);

        return self::run($asked)->node;
    }

    /**
     * "Factor x² − 5x + 6, then solve x² − 5x + 6 = 0" is one problem; of something else it would be two.
     *
     * @throws SyntaxError where what is asked is not what stands before it, or that set to 0
     */
    public static function refuseAnother(Token $factored, Token $solved): void
    {
        $equation = self::run($solved)->node;
        $own = Polynomial::tryFrom(self::side(self::run($factored)->node, $factored));
        $whole = Polynomial::tryFrom($equation instanceof Equation
            ? Sum::of([...$equation->left->terms(), new Negative($equation->right)])
            : $equation);
        if ($own === null || $whole === null || !$own->equals($whole)) {
            throw new SyntaxError(Message::of('error.two-problems'), $solved->from + 1);
        }
    }

    /** A value that is said to solve something: x = 3, or 3. */
    public static function value(Token $run): Expression
    {
        $node = self::run($run)->node;

        return $node instanceof Equation ? $node->right : $node;
    }

    /** A run by itself, each character at its place; with the name of a function taken off. */
    public static function run(Token $run, bool $isNamed = false): Read
    {
        $text = str_repeat(' ', $run->from) . $run->text;
        $name = null;
        if (preg_match($isNamed ? self::NAMED : self::FUNCTION, $run->text, $match) === 1) {
            $name = $isNamed ? null : ($match[1] ?? '') . '(' . ($match[2] ?? '') . ')';
            $length = mb_strlen($match[0]);
            $text = str_repeat(' ', $run->from + $length) . mb_substr($run->text, $length);
        }
        $typed = Parser::parse(self::inLetters($text));

        return new Read($typed->node, null, Asked::nothing(), $name, $typed->awkwardAt);
    }

    /** What is 0 where a curve meets the axis: of y = … its right side. */
    private static function zeroed(Token $run, Expression|Equation $node): Equation
    {
        if (!$node instanceof Equation) {
            return new Equation($node, Numeral::of(0));
        }
        $isNamed = preg_match(self::NAMED, $run->text, $match) === 1
            && preg_match('/^\s*[yfghpqPQ]/u', $match[0]) === 1;
        $right = $isNamed ? self::run($run, true)->node : null;

        return $right instanceof Expression ? new Equation($right, Numeral::of(0)) : $node;
    }

    /** @throws SyntaxError where an equation stands in place of an expression */
    public static function side(Expression|Equation|null $node, Token $run): Expression
    {
        return $node instanceof Expression
            ? $node
            : throw new SyntaxError(Message::of('error.expression-wanted'), $run->from + 1);
    }

    /** With letters in place of the commands for Greek ones, each in as many characters. */
    public static function withGreek(string $text): string
    {
        return (string) preg_replace_callback('/\\\\([A-Za-z]+)/', static function (array $match): string {
            $letter = Greek::called($match[1]);

            return $letter === null ? $match[0] : $letter . str_repeat(' ', \strlen($match[1]));
        }, $text);
    }

    /** With letters in place of the names of Greek ones, each in as many characters. */
    private static function inLetters(string $text): string
    {
        return (string) preg_replace_callback(
            '/(?<![A-Za-z\\\\])(?:' . implode('|', array_keys(self::GREEK)) . ')(?![A-Za-z])/',
            static fn(array $match): string => self::GREEK[$match[0]] . str_repeat(' ', \strlen($match[0]) - 1),
            $text,
        );
    }
}
