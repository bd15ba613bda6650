<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\MarkKind;
use Runel\Notation\Box\Box;
use Runel\Notation\Box\Digits;
use Runel\Notation\Box\Fenced;
use Runel\Notation\Box\Fraction;
use Runel\Notation\Box\Inked;
use Runel\Notation\Box\Name;
use Runel\Notation\Box\Radical;
use Runel\Notation\Box\Raised;
use Runel\Notation\Box\Row;
use Runel\Notation\Box\Sign;
use Runel\Notation\Box\Words;

/**
 * What a person would say. The words are given from outside, so that a language is a file.
 */
final readonly class Speech implements Writer
{
    /**
     * @param array<string, string> $words by key: plus, minus, opposite, times, equals, open, close, over,
     *                                     squared, cubed, to-the, root-of, root-index, end-root, or, cancels
     */
    public function __construct(private array $words) {}

    public function write(Box $box): string
    {
        return trim((string) preg_replace('/ {2,}/', ' ', $this->say($box)));
    }

    private function say(Box $box): string
    {
        return match (true) {
            $box instanceof Row => implode(' ', array_map($this->say(...), $box->boxes)),
            $box instanceof Sign => $this->sign($box),
            $box instanceof Digits => $box->digits,
            $box instanceof Name => $box->letter,
            $box instanceof Words => $this->word($box->key),
            $box instanceof Fenced => $this->word('open')
                . ' '
                . $this->say($box->content)
                . ' '
                . $this->word('close'),
            $box instanceof Inked => $this->say($box->content)
                . ($box->mark->kind === MarkKind::Cancels ? ' ' . $this->word('cancels') : ''),
            $box instanceof Fraction => $this->say($box->numerator)
                . ' '
                . $this->word('over')
                . ' '
                . $this->say($box->denominator),
            $box instanceof Raised => $this->say($box->base) . ' ' . $this->exponent($this->write($box->exponent)),
            $box instanceof Radical => ($box->index === 2 ? '' : $this->word('root-index') . ' ' . $box->index . ' ')
                . $this->word('root-of') . ' ' . $this->say($box->radicand) . ' ' . $this->word('end-root'),
            default => throw new \LogicException('No speech for ' . $box::class),
        };
    }

    private function exponent(string $exponent): string
    {
        return match ($exponent) {
            '2' => $this->word('squared'),
            '3' => $this->word('cubed'),
            default => $this->word('to-the') . ' ' . $exponent,
        };
    }

    private function sign(Sign $sign): string
    {
        return match ($sign) {
            Sign::Dot, Sign::Cross => $this->word('times'),
            Sign::Beside => '',
            default => $this->word($sign->value),
        };
    }

    private function word(string $key): string
    {
        return $this->words[$key] ?? $key;
    }
}
