<?php

declare(strict_types=1);

namespace Runel\Parsing;

use Runel\Expression\Greek;
use Runel\Expression\LetterIndex;
use Runel\Expression\Limits;
use Runel\Expression\Pi;
use Runel\Message\Message;
use Runel\Message\SyntaxError;
use Runel\Message\TooLarge;

/**
 * Cuts what was typed into pieces, making one spelling of many: unicode signs, raised
 * digits, vulgar fractions and LaTeX commands all become the few pieces the parser knows.
 */
final class Lexer
{
    private const SPELLINGS = [
        '−' => '-', '–' => '-', '‐' => '-', '‑' => '-', '﹣' => '-', '－' => '-', '＋' => '+',
        '×' => '*', '·' => '*', '⋅' => '*', '∙' => '*', '•' => '*', '∗' => '*',
        '∕' => '/', '⁄' => '/', ':' => '÷', '∶' => '÷', '＝' => '=',
    ];
    private const RAISED = [
        '⁰' => '0', '¹' => '1', '²' => '2', '³' => '3', '⁴' => '4',
        '⁵' => '5', '⁶' => '6', '⁷' => '7', '⁸' => '8', '⁹' => '9', '⁻' => '-',
    ];
    private const VULGAR = [
        '½' => ['1', '2'], '⅓' => ['1', '3'], '⅔' => ['2', '3'], '¼' => ['1', '4'], '¾' => ['3', '4'],
        '⅕' => ['1', '5'],
        '⅖' => ['2', '5'], '⅗' => ['3', '5'], '⅘' => ['4', '5'], '⅙' => ['1', '6'], '⅚' => ['5', '6'],
        '⅛' => ['1', '8'],
        '⅜' => ['3', '8'], '⅝' => ['5', '8'], '⅞' => ['7', '8'],
    ];
    private const COMMANDS = ['cdot' => '*', 'times' => '*', 'ast' => '*', 'div' => '÷'];
    private const SILENT = [
        'left',
        'right',
        'displaystyle',
        'quad',
        'qquad',
        'big',
        'Big',
        'bigl',
        'bigr',
        'Bigl',
        'Bigr',
    ];
    private const WORDS = '/^(for|expand|multiply|factor(?:is|iz)?e?|simplify|solve|divide|complete|rearrange|calculate'
        . '|find|show|evaluate|squared|cubed|times|plus|minus|over|equals|with|the|of|is|then|where|when)(?![a-z])/i';
    private const FUNCTIONS = '/^(arcsin|arccos|arctan|sin|cos|tan|cot|log|ln|exp|lim|abs|mod)(?![a-z]{3})/';

    /** @var list<string> */
    private array $characters;
    private int $place = 0;
    /** @var list<Lexeme> */
    private array $lexemes = [];

    private function __construct(string $input)
    {
        $this->characters = mb_str_split($input);
    }

    /**
     * @return list<Lexeme> closed by one of kind End
     *
     * @throws SyntaxError at a character that is not part of the notation
     * @throws TooLarge    when the input or a number in it is too long
     */
    public static function lexemes(string $input): array
    {
        if (!mb_check_encoding($input, 'UTF-8')) {
            throw new SyntaxError(Message::of('error.not-text'), 1);
        }
        if (mb_strlen($input) > Limits::LENGTH) {
            throw new TooLarge(Message::of('error.too-long', ['limit' => Limits::LENGTH]), Limits::LENGTH + 1);
        }

        return (new self($input))->run();
    }

    /** @return list<Lexeme> */
    private function run(): array
    {
        while ($this->place < \count($this->characters)) {
            $this->next($this->characters[$this->place]);
        }
        $this->add(LexemeKind::End, '');
        $this->refuseTwoCases();

        return $this->lexemes;
    }

    private function next(string $character): void
    {
        $spelling = self::SPELLINGS[$character] ?? $character;
        if (self::isSilent($character)) {
            ++$this->place;
        } elseif (ctype_digit($character) || $character === '.') {
            $this->number();
        } elseif (isset(self::RAISED[$character])) {
            $this->raisedRoot() || $this->raised();
        } elseif (isset(self::VULGAR[$character])) {
            $this->vulgar(...self::VULGAR[$character]);
        } elseif (str_contains('+-*/÷^=', $spelling)) {
            // "**" is how programs write a power.
            if ($spelling === '*' && $character === '*' && ($this->characters[$this->place + 1] ?? '') === '*') {
                $this->add(LexemeKind::Operator, '^', 2);
            } else {
                $this->add(LexemeKind::Operator, $spelling, 1);
            }
        } elseif (str_contains('([{', $spelling)) {
            $this->add(LexemeKind::Open, $spelling, 1);
        } elseif (str_contains(')]}', $spelling)) {
            $this->add(LexemeKind::Close, $spelling, 1);
        } elseif (\in_array($character, ['√', '∛', '∜'], true)) {
            $this->add(LexemeKind::Root, $character, 1);
        } elseif ($character === '\\') {
            $this->command();
        } elseif (ctype_alpha($character) || preg_match('/^[α-ωΑ-Ω]$/u', $character) === 1) {
            $this->letterOrWord();
        } else {
            throw $this->unknown($character);
        }
    }

    /** Spaces of all kinds, signs that only programs see, and what LaTeX aligns by. */
    private static function isSilent(string $character): bool
    {
        return isset($character[1])
            ? preg_match('/^[\x{00A0}\x{2000}-\x{200B}\x{2060}\x{202F}\x{2061}\x{2062}\x{FEFF}]$/u', $character) === 1
            : ctype_space($character) || $character === '$' || $character === '&';
    }

    private function number(): void
    {
        // Most are digits that end at a sign or a letter: they take no further look.
        $digits = '';
        while (ctype_digit($next = $this->characters[$this->place + \strlen($digits)] ?? '')) {
            $digits .= $next;
        }
        if ($digits !== '' && \strlen($digits) <= Limits::DIGITS && (self::endsPlainly($next) || ctype_alpha($next))) {
            $this->add(LexemeKind::Number, $digits, \strlen($digits));

            return;
        }
        $grouped = '/^\d{1,3}(?:[\x{202F}\x{2009}]\d{3})+(?!\d)(\.\d*)?/u';
        if (preg_match($grouped, $this->rest(), $match) === 1) {
            $digits = (string) preg_replace('/[\x{202F}\x{2009}]/u', '', $match[0]);
            $this->add(LexemeKind::Number, $digits, mb_strlen($match[0]));

            return;
        }
        if (preg_match('/^(\d+)\s+(\d+)\s*\/\s*(\d+)(?![\d.])/u', $this->rest(), $match) === 1) {
            $this->mixed($match[1], $match[2], $match[3], mb_strlen($match[0]));

            return;
        }
        $digits = preg_match('/^\d*(\.\d*)?/', $this->rest(), $match) === 1 ? $match[0] : '';
        $at = $this->place + 1;
        if ($digits === '.') {
            throw new SyntaxError(Message::of('error.lonely-point'), $at);
        }
        $after = $this->characters[$this->place + \strlen($digits)] ?? '';
        $afterThat = $this->characters[$this->place + \strlen($digits) + 1] ?? '';
        if ($after === '.') {
            throw new SyntaxError(Message::of('error.two-points'), $at + \strlen($digits));
        }
        $length = \strlen($digits);
        if ($after === ',' && ctype_digit($afterThat)) {
            $digits .= '.' . $this->afterComma($digits, $at);
            $length = \strlen($digits);
        }
        if (\strlen($digits) > Limits::DIGITS) {
            throw new TooLarge(Message::of('error.long-number', ['limit' => Limits::DIGITS]), $at);
        }
        $this->add(LexemeKind::Number, $digits, $length);
    }

    /** 2 3/7: a whole number and a fraction, as one sum in a bracket of its own. */
    private function mixed(string $whole, string $numerator, string $denominator, int $length): void
    {
        foreach ([
            [LexemeKind::Open, '{'], [LexemeKind::Number, $whole], [LexemeKind::Operator, '+'],
            [LexemeKind::Number, $numerator], [LexemeKind::Operator, '/'], [LexemeKind::Number, $denominator],
        ] as [$kind, $text]) {
            $this->add($kind, $text);
        }
        $this->add(LexemeKind::Close, '}', $length);
    }

    /** The digits after a decimal comma; where it could as well group thousands, it is asked back. */
    private function afterComma(string $before, int $at): string
    {
        preg_match('/^\d+/', mb_substr($this->rest(), \strlen($before) + 1), $match);
        $behind = $match[0] ?? '';
        $next = $this->characters[$this->place + \strlen($before) + 1 + \strlen($behind)] ?? '';
        if (str_contains($before, '.') || $next === ',' || $next === '.') {
            throw new SyntaxError(Message::of('error.comma'), $at + \strlen($before));
        }
        if (\strlen($behind) === 3 && $before[0] !== '0' && \strlen($before) <= 3) {
            throw new SyntaxError(Message::of('error.comma-thousands', [
                'found' => "$before,$behind",
                'whole' => $before . $behind,
                'decimal' => "$before.$behind",
            ]), $at + \strlen($before));
        }

        return $behind;
    }

    /** ⁵√, where nothing stands before it that could have the exponent 5. */
    private function raisedRoot(): bool
    {
        $before = $this->lexemes[\count($this->lexemes) - 1] ?? null;
        $isFree = $before === null || \in_array($before->kind, [LexemeKind::Operator, LexemeKind::Open], true);
        if (!$isFree || preg_match('/^([⁰¹²³⁴-⁹]{1,2})√/u', $this->rest(), $match) !== 1) {
            return false;
        }
        $this->add(LexemeKind::Root, 'root' . strtr($match[1], self::RAISED), mb_strlen($match[0]));

        return true;
    }

    /** Raised digits become a power sign and an exponent in a bracket of their own. */
    private function raised(): void
    {
        $this->add(LexemeKind::Operator, '^');
        $this->add(LexemeKind::Open, '{');
        $digits = '';
        $at = $this->place;
        while (isset($this->characters[$this->place], self::RAISED[$this->characters[$this->place]])) {
            $digit = self::RAISED[$this->characters[$this->place]];
            if ($digit === '-') {
                if ($digits !== '') {
                    throw $this->unknown($this->characters[$this->place]);
                }
                $this->add(LexemeKind::Operator, '-');
            } else {
                $digits .= $digit;
            }
            ++$this->place;
        }
        if ($digits !== '') {
            $this->lexemes[] = new Lexeme(LexemeKind::Number, $digits, $at + 1);
        }
        $this->add(LexemeKind::Close, '}');
    }

    private function vulgar(string $numerator, string $denominator): void
    {
        $whole = end($this->lexemes);
        if ($whole !== false && $whole->kind === LexemeKind::Number && ctype_digit($whole->text)) {
            array_pop($this->lexemes);
            $this->mixed($whole->text, $numerator, $denominator, 1);

            return;
        }
        foreach ([[LexemeKind::Open, '{'], [
            LexemeKind::Number,
            $numerator,
        ], [LexemeKind::Operator, '/'], [LexemeKind::Number, $denominator]] as [$kind, $text]) {
            $this->add($kind, $text);
        }
        $this->add(LexemeKind::Close, '}', 1);
    }

    private function command(): void
    {
        if (preg_match('/^\\\\([A-Za-z]+)\*?/', $this->rest(), $match) !== 1) {
            if (preg_match('/^\\\\[,;:!. ()\[\]]/', $this->rest()) === 1) {
                $this->place += 2;

                return;
            }
            throw $this->unknown('\\');
        }
        $name = $match[1];
        $length = \strlen($match[0]);
        match (true) {
            isset(self::COMMANDS[$name]) => $this->add(LexemeKind::Operator, self::COMMANDS[$name], $length),
            ($letter = Greek::called($name)) !== null => $this->letter($letter, $length),
            \in_array($name, self::SILENT, true) => $this->place += $length,
            $name === 'sqrt' => $this->add(LexemeKind::Root, '\\sqrt', $length),
            \in_array($name, ['frac', 'dfrac', 'tfrac'], true) => $this->fraction($name, $length),
            default => throw new SyntaxError(Message::of('error.unknown-command', [
                'found' => '\\' . mb_substr($name, 0, 20),
            ]), $this->place + 1),
        };
    }

    private function fraction(string $name, int $length): void
    {
        $this->refuseMixedNumber();
        $this->add(LexemeKind::Fraction, '\\' . $name, $length);
        // LaTeX takes one digit at a time: \frac34 is three quarters.
        for ($part = 0; $part < 2 && ctype_digit($this->characters[$this->place] ?? ''); ++$part) {
            $this->add(LexemeKind::Number, $this->characters[$this->place], 1);
        }
    }

    /** 1½ means one and a half to one reader and half of 1 to another. */
    private function refuseMixedNumber(): void
    {
        $last = end($this->lexemes);
        if ($last !== false && $last->kind === LexemeKind::Number) {
            throw new SyntaxError(Message::of('error.mixed-number'), $this->place + 1);
        }
    }

    /** Whether a number or a letter before it ends there, and is no part of anything longer. */
    private static function endsPlainly(string $next): bool
    {
        return $next === '' || str_contains('+-*/^=)', $next);
    }

    private function letterOrWord(): void
    {
        $letter = $this->characters[$this->place];
        if (self::endsPlainly($this->characters[$this->place + 1] ?? '')) {
            $this->add(LexemeKind::Letter, $letter, 1);

            return;
        }
        $rest = $this->rest();
        if (str_starts_with($rest, 'sqrt')) {
            $this->add(LexemeKind::Root, 'sqrt', 4);
        } elseif (str_starts_with($rest, 'cbrt')) {
            $this->add(LexemeKind::Root, 'cbrt', 4);
        } elseif (preg_match('/^root(\d{1,2})(?=\()/', $rest, $match) === 1) {
            $this->add(LexemeKind::Root, 'root' . $match[1], \strlen($match[0]));
        } elseif (preg_match('/^root(\(\s*(\d{1,2})\s*,)/', $rest, $match) === 1) {
            // The comma ends the index: it is no decimal one.
            $this->add(LexemeKind::Root, 'root' . $match[2], 4);
            $this->add(LexemeKind::Open, '(', \strlen($match[1]));
        } elseif (($letter === 'x' || $letter === 'X') && $this->standsForTimes()) {
            throw new SyntaxError(Message::of('error.times-or-letter', ['found' => $letter]), $this->place + 1);
        } elseif (preg_match('/^pi(?![A-Za-z])/', $rest) === 1 && !$this->isWithinLetters()) {
            $this->add(LexemeKind::Letter, Pi::NAME, 2);
        } elseif (preg_match('/^and(?![A-Za-z])/i', $rest) === 1) {
            throw new SyntaxError(Message::of('error.two-problems'), $this->place + 1);
        } elseif (preg_match(self::FUNCTIONS, $rest, $match) === 1) {
            throw new SyntaxError(Message::of('error.function', ['found' => $match[1]]), $this->place + 1);
        } elseif (preg_match('/^([fgh])\(([A-Za-z])\)/', $rest, $match) === 1) {
            throw new SyntaxError(Message::of('error.function-call', [
                'letter' => $match[1],
                'inside' => $match[2],
            ]), $this->place + 1);
        } elseif (preg_match(self::WORDS, $rest, $match) === 1) {
            throw new SyntaxError(Message::of('error.word', ['found' => $match[1]]), $this->place + 1);
        } else {
            $this->letter($letter, 1);
        }
    }

    /** A letter, with the index that may stand at its foot. */
    private function letter(string $letter, int $length): void
    {
        $behind = mb_substr($this->rest(), $length);
        [$index, $more] = LetterIndex::ahead($behind) ?? ['', 0];
        if ($index === '' && preg_match('/^\s*[_₀-₉ₐ-ₜᵢᵣᵤᵥⱼ]/u', $behind) === 1) {
            throw new SyntaxError(Message::of('error.index'), $this->place + $length + 1);
        }
        $this->add(LexemeKind::Letter, $letter . $index, $length + $more);
    }

    /** Whether a letter stands right before: then what looks like a word is letters side by side. */
    private function isWithinLetters(): bool
    {
        return preg_match('/^[A-Za-z]$/', $this->characters[$this->place - 1] ?? '') === 1;
    }

    /** Whether a lone x stands between two factors as people write a times sign. */
    private function standsForTimes(): bool
    {
        $last = end($this->lexemes);
        $space = static fn(string $character): bool => preg_match('/^\s$/u', $character) === 1;

        return $last !== false
            && \in_array($last->kind, [LexemeKind::Close, LexemeKind::Number], true)
            && $space($this->characters[$this->place - 1] ?? '')
            && preg_match('/^\s+[(\[{\d.]/u', mb_substr($this->rest(), 1)) === 1;
    }

    /** X beside x: a slip of the shift key, or a times sign. */
    private function refuseTwoCases(): void
    {
        $large = null;
        $small = false;
        foreach ($this->lexemes as $lexeme) {
            $large ??= $lexeme->is(LexemeKind::Letter, 'X') ? $lexeme : null;
            $small = $small || $lexeme->is(LexemeKind::Letter, 'x');
        }
        if ($large !== null && $small) {
            throw new SyntaxError(Message::of('error.two-cases'), $large->at);
        }
    }

    private function unknown(string $character): SyntaxError
    {
        $shown = preg_match('/^[\p{L}\p{N}\p{P}\p{S}]$/u', $character) === 1
            ? $character
            : \sprintf('U+%04X', mb_ord($character));

        return new SyntaxError(Message::of(
            match (true) {
                $character === ',' => 'error.comma',
                $this->lexemes !== [] && str_contains('<>≤≥', $character) => 'error.not-done-inequality',
                default => 'error.unknown-character',
            },
            ['found' => $shown],
        ), $this->place + 1);
    }

    private function rest(): string
    {
        return implode('', \array_slice($this->characters, $this->place, 50));
    }

    private function add(LexemeKind $kind, string $text, int $length = 0): void
    {
        $this->lexemes[] = new Lexeme($kind, $text, $this->place + 1);
        $this->place += $length;
    }
}
