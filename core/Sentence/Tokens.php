<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\LetterIndex;

/** A sentence cut into words, runs of mathematics and marks. A word is never letters, letters are never a word. */
final class Tokens
{
    /** Names that are mathematics, free as they stand. */
    private const NAMES = '/^(?:sqrt|cbrt|pi|sin|cos|tan|cot|log|ln|exp|abs|alpha|beta|gamma|delta|theta|lambda'
        . '|omega|sigma)$/';
    /** A run of letters longer than this is a word, whatever stands beside it. */
    private const LETTERS = 4;

    /** @var list<Token> */
    private array $tokens = [];

    private function __construct(private readonly string $source, private readonly KnownWords $vocabulary) {}

    /**
     * @param string $source without numbering and the like, each character at its place
     *
     * @return list<Token>
     */
    public static function of(string $source, KnownWords $vocabulary): array
    {
        $self = new self($source, $vocabulary);
        preg_match_all('/\S+/u', $source, $found, \PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$chunk, $bytes]) {
            $self->chunk($chunk, mb_strlen(substr($source, 0, $bytes)));
        }

        return $self->settled();
    }

    private function chunk(string $chunk, int $from): void
    {
        // "(giving" and "figures)": a bracket around words is none of mathematics.
        $isWord = preg_match('/^\((\p{L}{2,}[,.]?)$/u', $chunk, $match) === 1;
        if ($isWord && $this->vocabulary->knows(rtrim($match[1], ',.'))) {
            ++$from;
            $chunk = $match[1];
        }
        $isClosed = preg_match('/^(\p{L}[\p{L}.]+)\)([,.:;]?)$/u', $chunk, $match) === 1;
        if ($isClosed && $this->vocabulary->knows($match[1])) {
            $chunk = $match[1];
        }
        if (preg_match('/^(\d+)(dp|sf|d\.p\.?|s\.f\.?)[.,]?$/i', $chunk, $match) === 1) {
            $this->tokens[] = new Token(TokenKind::Maths, $match[1], $from);
            $this->tokens[] = new Token(TokenKind::Word, rtrim($match[2], '.'), $from + \strlen($match[1]));

            return;
        }
        $length = mb_strlen($chunk);
        // Behind the index of a root the comma is none of a sentence's: root(4, 48).
        $isIndex = preg_match('/root\(\d{1,2},$/', $chunk) === 1;
        $end = $isIndex ? $length : mb_strlen((string) preg_replace('/[,;:?.]+$/u', '', $chunk));
        $bare = mb_substr($chunk, 0, $end);
        if ($bare !== '') {
            $this->tokens[] = new Token($this->kind($bare), $bare, $from);
        }
        if ($end < $length) {
            $this->tokens[] = new Token(TokenKind::Mark, mb_substr($chunk, $end), $from + $end);
        }
    }

    private function kind(string $chunk): TokenKind
    {
        return match (true) {
            $chunk === '&' => TokenKind::Word,
            preg_match('/^\p{L}$|π/u', $chunk) === 1,
            LetterIndex::isName($chunk),
            preg_match(self::NAMES, $chunk) === 1 => TokenKind::Maths,
            preg_match('/^\p{L}+(?:[’\']\p{L}+)?!*$/u', $chunk) === 1 => TokenKind::Word,
            preg_match('/^[\p{L}.-]+$/u', $chunk) === 1 && $this->vocabulary->knows($chunk) => TokenKind::Word,
            default => TokenKind::Maths,
        };
    }

    /** @return list<Token> letters told from words by what stands beside them, runs of mathematics in one piece */
    private function settled(): array
    {
        $settled = [];
        foreach ($this->tokens as $place => $token) {
            $settled[] = match (true) {
                $this->isArticle($place) => new Token(TokenKind::Word, $token->text, $token->from),
                $this->isLetters($place) => new Token(TokenKind::Maths, $token->text, $token->from),
                default => $token,
            };
        }
        $joined = [];
        foreach ($settled as $token) {
            $last = $joined[\count($joined) - 1] ?? null;
            if ($token->isMaths() && $last?->isMaths() === true) {
                array_pop($joined);
                $token = $last->joined($token, $this->source);
            }
            $joined[] = $token;
        }

        return $joined;
    }

    private function isArticle(int $place): bool
    {
        $next = $this->tokens[$place + 1] ?? null;

        return \in_array($this->tokens[$place]->text, ['a', 'A', 'I'], true)
            && $next?->kind === TokenKind::Word
            && !$this->isLetters($place + 1)
            && KnownWords::takesArticle($next->text)
            && !$this->isWanted($place);
    }

    /** Whether a run that could be a word is letters. */
    private function isLetters(int $place): bool
    {
        $token = $this->tokens[$place];
        if ($token->kind !== TokenKind::Word || preg_match('/^[A-Za-z]+$/', $token->text) !== 1) {
            return false;
        }
        $length = \strlen($token->text);
        $isKnown = $this->vocabulary->knows($token->text);
        $isPlain = $length === 2 && preg_match('/[aeiou]/i', $token->text) !== 1;

        return match (true) {
            $length > self::LETTERS, $isKnown && $length > 2 => false,
            $this->isWanted($place) => true,
            // Two consonants are no word.
            default => !$isKnown && ($isPlain || ($length === 2 && $this->isSubtractedFrom($place))),
        };
    }

    /** Whether something is taken from two letters that stand for themselves: ab − a. */
    private function isSubtractedFrom(int $place): bool
    {
        $after = $this->tokens[$place + 1] ?? null;

        return $after?->isMaths() === true && preg_match('/^[-−–]/u', $after->text) === 1;
    }

    /** Whether the mathematics beside it needs something to stand there: an operation waits for it, on either side. */
    private function isWanted(int $place): bool
    {
        $before = $this->tokens[$place - 1] ?? null;
        $after = $this->tokens[$place + 1] ?? null;
        $waits = $before?->isMaths() === true && preg_match('/[-+*\/^=(×÷·−–]$/u', $before->text) === 1;
        $goesOn = $after?->isMaths() === true && preg_match('/^[+*\/^=)×÷·]/u', $after->text) === 1;
        if (\strlen($this->tokens[$place]->text) < 3) {
            return $waits || $goesOn;
        }
        // A longer run between what stands there already is a word that has strayed.
        $isFreeBefore = $waits || $this->isNoOperand($before);
        $isFreeBehind = $goesOn || $this->isNoOperand($after) || preg_match('/^[-−–]$/u', $after->text ?? '') === 1;

        return ($waits || $goesOn) && $isFreeBefore && $isFreeBehind;
    }

    private function isNoOperand(?Token $token): bool
    {
        return $token === null
            || $token->kind === TokenKind::Mark
            || ($token->kind === TokenKind::Word && $this->vocabulary->knows($token->text));
    }
}
