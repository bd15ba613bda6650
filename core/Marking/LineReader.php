<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\LetterIndex;
use Runel\Expression\Letters;
use Runel\Expression\Limits;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Parsing\Parser;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** Lines as learners type them: "x = 3 or x = −5", "x = ±4", "no solution", "x² + 1 remainder 3", a = b = c. */
final class LineReader
{
    /** What stands around the mathematics; blanked, so that places stay what they are. */
    private const ASIDE = '/^\s*(?:so|then|thus|hence|therefore|∴|⇒|=>|⇔|→|->)(?=\s|[^a-z])\s*|'
        . '^\s*(?:check|test)\s*:|^\s*[=≡](?=\s*[^\s=≡])|'
        . '\((?:twice|double)\)|[✓✔]\s*$/iu';
    private const SET = '/^(\s*(?:\p{L}\s*(?:=|∈)\s*)?\{)([^{}]*)\}\s*[.]?\s*$/u';
    private const BETWEEN = '/(\b(?:or|and)\b|[,;∨&])/iu';
    private const BOTH_SIGNS = '/±|\+\/-|\+-(?=\s*\d|\s*√|\s*sqrt)/u';
    private const QUOTIENT = '/^\s*(?:the\s+)?q(?:uotient)?\s*(?:=|:|is)\s*(.*\S)\s*(?:[,;]|\band\b)\s*(?:the\s+)?'
        . 'r(?:em(?:ainder)?)?\s*(?:=|:|is)\s*(\S.*)$/iu';
    private const REMAINDER = '/^(.*[^\s,;])\s*[,;]?\s+(?:(?:and|with)\s+)?(?:an?\s+)?'
        . '(?:remainder|rem\.?|r)(?:\s+of|\s+is|\s*[=:])?\s+(\S.*)$/iu';

    /**
     * @param array<string, true> $letters those of the problem, by name
     * @param Expression|null     $divisor of a division: what a remainder stands over
     */
    public function __construct(private readonly array $letters, private readonly ?Expression $divisor) {}

    /** The same with one more letter, which stands for something. */
    public function knowing(string $letter): self
    {
        return new self($this->letters + [$letter => true], $this->divisor);
    }

    /** @throws Refusal with the place where the line breaks */
    public function read(string $typed): Statement
    {
        if (mb_strlen(trim($typed)) > Limits::LENGTH) {
            throw new TooLarge(Message::of('marking.too-long', ['limit' => Limits::LENGTH]), Limits::LENGTH + 1);
        }
        $typed = (string) preg_replace_callback(
            self::ASIDE,
            static fn(array $aside): string => str_repeat(' ', mb_strlen($aside[0])),
            $typed,
        );
        // The comma of root(4, 7) parts nothing.
        $typed = (string) preg_replace('/\broot\((\s*)(\d{1,2})(\s*),/', 'root$2($1$3 ', $typed);
        if (preg_match(PageWords::NONE, $typed) === 1) {
            return Statement::none();
        }
        if (preg_match(PageWords::ALL, $typed) === 1) {
            return Statement::all();
        }
        if (preg_match(PageWords::ALL_BUT, $typed, $match, \PREG_OFFSET_CAPTURE) === 1) {
            return $this->allBut($match[1][0], mb_strlen(substr($typed, 0, $match[1][1])));
        }
        if (preg_match(PageWords::PAIR, $typed) === 1 && \count($this->letters) === 1) {
            $letter = new Letter((string) array_key_first($this->letters));
            throw new SyntaxError(Message::of('marking.pair', ['letter' => $letter]), 1);
        }
        if (preg_match(self::SET, $typed, $match) === 1 && \count($this->letters) === 1) {
            return $this->set($match[2], mb_strlen($match[1]));
        }
        if ($this->divisor !== null && preg_match(self::QUOTIENT, $typed, $match) === 1) {
            return Statement::of(Sum::of([
                $this->expression($match[1], 0),
                new Quotient($this->expression($match[2], mb_strlen($typed) - mb_strlen($match[2])), $this->divisor),
            ]));
        }
        if ($this->divisor !== null && preg_match(self::REMAINDER, $typed, $match) === 1) {
            return Statement::of(Sum::of([
                $this->expression($match[1], 0),
                new Quotient($this->expression($match[2], mb_strlen($typed) - mb_strlen($match[2])), $this->divisor),
            ]));
        }
        if (substr_count($typed, '=') > 1 && preg_match(self::BETWEEN, $typed) !== 1) {
            return $this->chain($typed);
        }

        return $this->alternatives($typed);
    }

    /**
     * {2; 3}: what the only letter can be; {} says that it can be nothing.
     *
     * @throws Refusal
     */
    private function set(string $inside, int $offset): Statement
    {
        $letter = new Letter((string) array_key_first($this->letters));
        $equations = [];
        $parts = preg_split('/([,;])/u', $inside, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        foreach (trim($inside) === '' ? [] : $parts as $place => $part) {
            if ($place % 2 === 0) {
                $equations[] = new Equation($letter, $this->expression($part, $offset));
            }
            $offset += mb_strlen($part);
        }

        return match (\count($equations)) {
            0 => Statement::none(),
            1 => Statement::of($equations[0]),
            default => Statement::of(new Alternatives($equations)),
        };
    }

    /**
     * What follows "all numbers but": values, which may be written with ±.
     *
     * @throws Refusal
     */
    private function allBut(string $values, int $offset): Statement
    {
        $except = [];
        foreach (preg_split(self::BETWEEN, $values, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [] as $place => $part) {
            $signs = $place % 2 === 0 && trim($part) !== '' ? self::bothSigns($part) : [];
            foreach ($signs as $one) {
                $node = \count($signs) === 1 ? $this->parse($one, $offset) : $this->signed($one, $offset);
                $except[] = $node instanceof Expression
                    ? $node
                    : throw new SyntaxError(Message::of('marking.equations-wanted'), $offset + 1);
            }
            $offset += mb_strlen($part);
        }

        return Statement::all($except);
    }

    /** @throws Refusal */
    private function chain(string $typed): Statement
    {
        $parts = [];
        $offset = 0;
        foreach (explode('=', $typed) as $part) {
            $parts[] = $this->expression($part, $offset);
            $offset += mb_strlen($part) + 1;
        }

        return Statement::chain($parts);
    }

    /** @throws Refusal */
    private function alternatives(string $typed): Statement
    {
        $parts = preg_split(self::BETWEEN, $typed, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [$typed];
        $equations = [];
        $links = [];
        $offset = 0;
        foreach ($parts as $place => $part) {
            $typedPart = $part;
            if ($place % 2 === 0) {
                [$part, $worked] = \count($parts) === 1 ? [$part, []] : $this->workedOut(
                    $part,
                    $offset,
                    $equations !== [],
                );
                array_push($links, ...$worked);
                $signs = self::bothSigns($part);
                foreach ($signs as $one) {
                    $node = \count($signs) === 1 ? $this->parse($one, $offset) : $this->signed($one, $offset);
                    $left = $equations === [] ? $this->meant($parts) : $equations[0]->left;
                    // After x = 3, a lone 5 means x = 5; after x − 2 = 3, a lone −3 means x − 2 = −3.
                    if ($node instanceof Expression && $left !== null && Indeterminates::of($node) === []) {
                        $node = new Equation($left, $node);
                    }
                    if ($node instanceof Expression) {
                        return \count($parts) === 1
                            ? Statement::of($node)
                            : throw new SyntaxError(Message::of('marking.equations-wanted'), $offset + 1);
                    }
                    $equations[] = $node;
                }
            }
            $offset += mb_strlen($typedPart);
        }

        return Statement::of(\count($equations) === 1 ? $equations[0] : new Alternatives($equations), $links);
    }

    /**
     * The only letter, where numbers are said to be what something is by turns: 2 or 3.
     *
     * @param list<string> $parts with what stands between them
     */
    private function meant(array $parts): ?Letter
    {
        $isSaid = array_intersect(array_map(mb_strtolower(...), $parts), ['or', '∨']) !== [];

        return $isSaid && \count($this->letters) === 1 ? new Letter((string) array_key_first($this->letters)) : null;
    }

    /**
     * A branch with its value worked out, x = 16/4 = 4, or 16/4 = 4 behind another: the branch with its last value, and
     * what is equalled on the way.
     *
     * @return array{string, list<array{Expression, Expression}>}
     *
     * @throws Refusal
     */
    private function workedOut(string $part, int $offset, bool $isLater): array
    {
        $sides = explode('=', $part);
        $isValue = $isLater && \count($sides) > 1
            && array_intersect_key($this->letters, LetterIndex::names(str_replace('sqrt', '', $part))) === [];
        if (\count($sides) < 3 && !$isValue) {
            return [$part, []];
        }
        $links = [];
        $last = null;
        foreach ($sides as $place => $side) {
            if ($place > 0 || $isValue) {
                $value = $this->expression($side, $offset);
                $links = $last === null ? [] : [...$links, [$last, $value]];
                $last = $value;
            }
            $offset += mb_strlen($side) + 1;
        }
        $value = $sides[\count($sides) - 1];

        return [$isValue ? $value : "$sides[0]=$value", $links];
    }

    /** @return non-empty-list<string> a line with ± once with plus and once with minus, places kept */
    private static function bothSigns(string $part): array
    {
        return preg_match(self::BOTH_SIGNS, $part) !== 1 ? [$part] : array_map(
            static fn(string $sign): string => (string) preg_replace_callback(
                self::BOTH_SIGNS,
                static fn(array $both): string => str_pad($sign, mb_strlen($both[0])),
                $part,
            ),
            ['+', '-'],
        );
    }

    /** @throws Refusal that speaks of the ± that was typed */
    private function signed(string $typed, int $offset): Expression|Equation
    {
        try {
            return $this->parse($typed, $offset);
        } catch (Refusal $refusal) {
            throw new $refusal(Message::of($refusal->reason->key, array_map(
                static fn(mixed $value): mixed => \in_array($value, ['+', '-', '−'], true) ? '±' : $value,
                $refusal->reason->parameters,
            )), $refusal->at);
        }
    }

    /** @throws Refusal */
    private function expression(string $typed, int $offset): Expression
    {
        $node = $this->parse($typed, $offset);

        return $node instanceof Expression
            ? $node
            : throw new SyntaxError(Message::of('error.two-equals'), $offset + 1);
    }

    /** @throws TooLarge when numbers, degree or terms anywhere in it pass the limits */
    private static function hold(Node $node): void
    {
        if ($node instanceof Expression) {
            try {
                Polynomial::fromExpression($node);
            } catch (NotPolynomial | DivisionByZero) {
                // Its parts have their limits, too.
            }
        }
        foreach ($node->children() as $child) {
            self::hold($child);
        }
    }

    /** @throws Refusal with the place in the whole line */
    private function parse(string $typed, int $offset): Expression|Equation
    {
        if (trim($typed, ' =≡') === '') {
            throw new SyntaxError(Message::of('marking.nothing'), $offset + 1);
        }
        try {
            $node = Parser::parse($typed)->node;
            self::hold($node);
            $others = array_diff_key(Letters::of($node), $this->letters);
            if ($others !== []) {
                $other = array_key_first($others);
                throw new SyntaxError(
                    Message::of('marking.other-letter', ['letter' => new Letter($other)]),
                    (int) mb_strpos($typed, $other) + 1,
                );
            }

            return $node;
        } catch (Refusal $refusal) {
            throw new $refusal($refusal->reason, ($refusal->at ?? 1) + $offset);
        }
    }
}
