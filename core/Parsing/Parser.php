<?php

declare(strict_types=1);

namespace Runel\Parsing;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Limits;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;

/**
 * Reads algebra as people type and paste it. Never guesses: what can be read in two ways
 * is answered with the place and the cure.
 *
 * Multiplication written by standing side by side and division bind equally and from the
 * left, so 1/2(a + b)h is half of (a + b)h. Behind ÷ all that stands together is the divisor:
 * 12x³ ÷ 3x divides by 3x, a/b ÷ c/d by the fraction.
 */
final class Parser
{
    /** What is multiplied with what stands before it, without a sign between. */
    private const JOINED = [LexemeKind::Letter, LexemeKind::Open, LexemeKind::Root, LexemeKind::Fraction];

    private int $next = 0;
    private int $depth = 0;
    private ?int $awkwardAt = null;

    /** @param list<Lexeme> $lexemes */
    private function __construct(private readonly array $lexemes) {}

    /**
     * @throws SyntaxError with the place, what was found and what would be right
     * @throws TooLarge    when the input is too long or nested too deeply
     */
    public static function parse(string $input): Typed
    {
        $lexemes = Lexer::lexemes($input);
        if ($lexemes[0]->kind === LexemeKind::End) {
            throw new SyntaxError(Message::of('error.empty'), 1);
        }

        return (new self($lexemes))->typed();
    }

    private function typed(): Typed
    {
        $node = $this->sum();
        if ($this->takes(LexemeKind::Operator, '=')) {
            $node = new Equation($node, $this->sum());
        }
        $this->expectEnd();

        return new Typed($node, $this->awkwardAt);
    }

    private function expectEnd(): void
    {
        $left = $this->peek();
        match (true) {
            $left->kind === LexemeKind::End => null,
            $left->kind === LexemeKind::Close => throw new SyntaxError(Message::of(
                'error.unopened',
                ['found' => $left->text],
            ), $left->at),
            $left->is(LexemeKind::Operator, '=') => throw new SyntaxError(Message::of('error.two-equals'), $left->at),
            default => throw new SyntaxError(Message::of('error.unexpected', ['found' => $left->text]), $left->at),
        };
    }

    private function sum(): Expression
    {
        $terms = [];
        $negative = false;
        if ($this->peek()->is(LexemeKind::Operator, '+', '-')) {
            $negative = $this->take()->text === '-';
        }
        do {
            $term = $this->term();
            $terms[] = $term->signed($negative);
            $more = $this->peek()->is(LexemeKind::Operator, '+', '-');
            if ($more) {
                $negative = $this->take()->text === '-';
            }
        } while ($more);

        return Sum::of($terms);
    }

    private function term(): Expression
    {
        $apart = [];
        $together = [$this->signedFactor()];
        while (true) {
            $ahead = $this->peek();
            if ($ahead->is(LexemeKind::Operator, '*')) {
                ++$this->next;
                $apart[] = Product::of($together);
                $together = [$this->signedFactor()];
            } elseif ($ahead->is(LexemeKind::Operator, '/', '÷')) {
                $together = [$this->divided(Product::of($together))];
            } elseif ($ahead->kind === LexemeKind::Number) {
                $before = $this->lexemes[$this->next - 1];
                $key = $before->kind === LexemeKind::Number ? 'error.two-numbers' : 'error.number-after';
                throw new SyntaxError(Message::of($key, [
                    'before' => $before->text,
                    'found' => $ahead->text,
                ]), $ahead->at);
            } elseif (\in_array($ahead->kind, self::JOINED, true)) {
                $together[] = $this->power();
            } else {
                break;
            }
        }
        $apart[] = Product::of($together);

        return \count($apart) > 1 ? Product::apart($apart) : $apart[0];
    }

    /** By / what follows next is divided by, by ÷ all that stands together, and a fraction as one: a/b ÷ c/d. */
    private function divided(Expression $dividend): Quotient
    {
        $isSign = $this->take()->text === '÷';
        $at = $this->peek()->at;
        $divisor = $this->signedFactor();
        if ($isSign) {
            $together = [$divisor];
            $isBracketed = $divisor instanceof Numeral && $this->peek()->kind === LexemeKind::Open;
            while (\in_array($this->peek()->kind, self::JOINED, true)) {
                $together[] = $this->power();
            }
            $divisor = Product::of($together);
            if ($isBracketed && Indeterminates::of($divisor) === []) {
                // 6 ÷ 2(1 + 2) is 9 to some and 1 to others.
                throw new SyntaxError(Message::of('error.two-readings'), $at);
            }
            while ($this->peek()->is(LexemeKind::Operator, '/')) {
                $divisor = $this->divided($divisor);
            }
        }
        if ($divisor instanceof Numeral && $divisor->value->isZero()) {
            throw new SyntaxError(Message::of('error.division-by-zero'), $at);
        }
        $this->awkward($divisor, $at);

        return new Quotient($dividend, $divisor);
    }

    private function signedFactor(): Expression
    {
        if ($this->peek()->is(LexemeKind::Operator, '+', '-')) {
            $sign = $this->take();
            $this->enter($sign->at);
            $factor = $this->signedFactor();
            --$this->depth;

            return $sign->text === '-' ? new Negative($factor) : $factor;
        }

        return $this->power();
    }

    private function power(): Expression
    {
        $base = $this->base();
        if (!$this->takes(LexemeKind::Operator, '^')) {
            return $base;
        }
        $sign = $this->peek();
        $negative = $sign->is(LexemeKind::Operator, '-');
        if ($negative) {
            ++$this->next;
        }
        $start = $this->peek();
        if (!\in_array(
            $start->kind,
            [LexemeKind::Number, LexemeKind::Letter, LexemeKind::Open, LexemeKind::Fraction],
            true,
        )) {
            throw new SyntaxError(Message::of('error.no-exponent'), $start->at);
        }
        $this->enter($start->at);
        $exponent = $this->power();
        --$this->depth;
        $this->awkward($exponent, $start->at);

        return new Power($base, $exponent->signed($negative));
    }

    private function base(): Expression
    {
        $lexeme = $this->take();

        return match ($lexeme->kind) {
            LexemeKind::Number => $this->number($lexeme),
            LexemeKind::Letter => $lexeme->text === Pi::NAME ? new Pi() : new Letter($lexeme->text),
            LexemeKind::Open => $this->bracket($lexeme),
            LexemeKind::Root => $this->root($lexeme),
            LexemeKind::Fraction => $this->fraction($lexeme),
            default => throw $this->missing($lexeme),
        };
    }

    private function number(Lexeme $lexeme): Numeral
    {
        return Numeral::ofDecimalOrWhole(rtrim($lexeme->text[0] === '.' ? '0' . $lexeme->text : $lexeme->text, '.'));
    }

    private function bracket(Lexeme $open): Expression
    {
        $this->enter($open->at);
        $ahead = $this->peek();
        if ($ahead->kind === LexemeKind::Close) {
            throw new SyntaxError(Message::of('error.empty-bracket'), $open->at);
        }
        $content = $this->sum();
        $close = $this->peek();
        if ($close->kind !== LexemeKind::Close) {
            throw $close->kind === LexemeKind::End
                ? new SyntaxError(Message::of('error.unclosed', ['found' => $open->text]), $open->at)
                : new SyntaxError(Message::of('error.unexpected', ['found' => $close->text]), $close->at);
        }
        if ($close->text !== ['(' => ')', '[' => ']', '{' => '}'][$open->text]) {
            throw new SyntaxError(Message::of('error.wrong-bracket', [
                'opened' => $open->text,
                'found' => $close->text,
            ]), $close->at);
        }
        ++$this->next;
        --$this->depth;

        return $content;
    }

    /** √, ∛ and sqrt take a bracket, or the one number or letter that follows; root takes its index first. */
    private function root(Lexeme $root): Root
    {
        $this->enter($root->at);
        $index = match (true) {
            $root->text === 'cbrt', $root->text === '∛' => 3,
            $root->text === '∜' => 4,
            preg_match('/^root(\d+)$/', $root->text, $match) === 1 => $this->index((int) $match[1], $root->at),
            default => 2,
        };
        if ($this->peek()->is(LexemeKind::Open, '[') && ($root->text === '\\sqrt' || $this->isIndex($root))) {
            $at = $this->peek()->at;
            $written = $this->base();
            $index = $this->index($written instanceof Numeral ? $written->value->toInt() : null, $at);
        }
        $start = $this->peek();
        if (!\in_array(
            $start->kind,
            [LexemeKind::Number, LexemeKind::Letter, LexemeKind::Open, LexemeKind::Fraction],
            true,
        )) {
            throw new SyntaxError(Message::of('error.no-radicand'), $start->at);
        }
        $radicand = $this->base();
        --$this->depth;
        $this->awkward($radicand, $root->at);

        return new Root($radicand, $index);
    }

    /** √[5]7: a number alone in square brackets behind the sign, and what stands under it behind them. */
    private function isIndex(Lexeme $root): bool
    {
        [$number, $close, $under] = [$this->peek(1), $this->peek(2), $this->peek(3)];

        return $root->text === '√' && $number->kind === LexemeKind::Number && $close->kind === LexemeKind::Close
            && \in_array($under->kind, [LexemeKind::Number, LexemeKind::Letter, LexemeKind::Open], true);
    }

    /** @throws SyntaxError where it is no whole number from 2 on */
    private function index(?int $value, int $at): int
    {
        return $value === null || $value < 2 || $value > Limits::DEGREE
            ? throw new SyntaxError(Message::of('error.root-index'), $at)
            : $value;
    }

    private function fraction(Lexeme $command): Expression
    {
        $this->enter($command->at);
        $parts = [];
        foreach (['numerator', 'denominator'] as $part) {
            $start = $this->peek();
            if (!\in_array($start->kind, [LexemeKind::Number, LexemeKind::Letter, LexemeKind::Open], true)) {
                throw new SyntaxError(Message::of("error.no-$part"), $start->at);
            }
            if ($part === 'denominator' && $start->kind === LexemeKind::Number && trim($start->text, '0.') === '') {
                throw new SyntaxError(Message::of('error.division-by-zero'), $start->at);
            }
            $parts[] = $this->base();
        }
        --$this->depth;

        return new Quotient($parts[0], $parts[1]);
    }

    /** Remembers the first place where a letter stands in a denominator, an exponent or under a root. */
    private function awkward(Expression $expression, int $at): void
    {
        if ($this->awkwardAt === null && Indeterminates::of($expression) !== []) {
            $this->awkwardAt = $at;
        }
    }

    private function missing(Lexeme $found): SyntaxError
    {
        $before = $this->next >= 2 ? $this->lexemes[$this->next - 2] : null;
        if ($before === null) {
            return match (true) {
                $found->kind === LexemeKind::Close => new SyntaxError(Message::of(
                    'error.unopened',
                    ['found' => $found->text],
                ), $found->at),
                default => new SyntaxError(Message::of('error.starts-with', ['found' => $found->text]), $found->at),
            };
        }
        if ($found->kind === LexemeKind::Close) {
            return new SyntaxError(Message::of('error.nothing-before-close', [
                'before' => $before->text,
                'found' => $found->text,
            ]), $before->at);
        }
        if ($before->kind === LexemeKind::Open && $found->kind === LexemeKind::End) {
            return new SyntaxError(Message::of('error.unclosed', ['found' => $before->text]), $before->at);
        }

        return new SyntaxError(Message::of('error.nothing-after', ['before' => $before->text]), $before->at);
    }

    private function enter(int $at): void
    {
        if (++$this->depth > Limits::NESTING) {
            throw new TooLarge(Message::of('error.too-deep', ['limit' => Limits::NESTING]), $at);
        }
    }

    private function peek(int $further = 0): Lexeme
    {
        return $this->lexemes[min($this->next + $further, \count($this->lexemes) - 1)];
    }

    private function take(): Lexeme
    {
        return $this->lexemes[min($this->next++, \count($this->lexemes) - 1)];
    }

    private function takes(LexemeKind $kind, string ...$texts): bool
    {
        if (!$this->peek()->is($kind, ...$texts)) {
            return false;
        }
        ++$this->next;

        return true;
    }
}
