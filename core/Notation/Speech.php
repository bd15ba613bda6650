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
use Runel\Notation\Box\PlainWords;
use Runel\Notation\Box\Radical;
use Runel\Notation\Box\Raised;
use Runel\Notation\Box\Row;
use Runel\Notation\Box\Sign;

/**
 * What a person would say. The words are given from outside, so that a language is a file.
 */
final readonly class Speech implements Writer
{
    /**
     * @param array<string, string> $words by key: plus, minus, opposite, times, equals, open, close, over, squared,
     *                                     cubed, to-the, end-power, fraction, end-fraction, root-of,
     *                                     cube-root-of, root-index, root-index-of, end-root, or, cancels
     */
    public function __construct(private array $words) {}

    public function write(Box $box): string
    {
        return trim((string) preg_replace('/ {2,}/', ' ', $this->say($box)));
    }

    private function say(Box $box): string
    {
        return match (true) {
            $box instanceof Row => $this->row($box),
            $box instanceof Sign => $this->sign($box),
            $box instanceof Digits => $box->digits,
            $box instanceof Name => $box->letter . ($box->index === '' ? '' : " {$this->word('index')} $box->index"),
            $box instanceof PlainWords => $this->word($box->key),
            $box instanceof Fenced => $this->word('open')
                . ' '
                . $this->say($box->content)
                . ' '
                . $this->word('close'),
            $box instanceof Inked && $box->mark->kind === MarkKind::Gap => $this->word('gap'),
            $box instanceof Inked => $this->say($box->content)
                . ($box->mark->kind === MarkKind::Cancels ? ' ' . $this->word('cancels') : ''),
            $box instanceof Fraction => $this->fraction($box),
            $box instanceof Raised => $this->say($box->base) . ' ' . $this->exponent($this->write($box->exponent)),
            $box instanceof Radical => match ($box->index) {
                2 => $this->word('root-of'),
                3 => $this->word('cube-root-of'),
                default => "{$this->word('root-index')} $box->index {$this->word('root-index-of')}",
            } . ' ' . $this->say($box->radicand) . ' ' . $this->word('end-root'),
            default => throw new \LogicException('No speech for ' . $box::class),
        };
    }

    /** After a fraction a factor beside it is said to be one, or it would be heard below the line. */
    private function row(Row $row): string
    {
        $words = [];
        foreach ($row->boxes as $place => $box) {
            $before = $row->boxes[$place - 1] ?? null;
            $after = $box === Sign::Beside && $before instanceof Fraction && $this->parts($before) === null;
            $words[] = $after ? $this->word('times') : $this->say($box);
        }

        return implode(' ', $words);
    }

    /** One half, three quarters: a fraction of small numbers by its name; null where it has none. */
    private function parts(Fraction $fraction): ?string
    {
        [$above, $below] = [$fraction->numerator, $fraction->denominator];
        if (!$above instanceof Digits || !$below instanceof Digits || !isset($this->words["part-$below->digits"])) {
            return null;
        }
        if (preg_match('/^\d+$/', $above->digits) !== 1) {
            return null;
        }
        [$one, $many] = explode(' / ', $this->words["part-$below->digits"]) + [1 => ''];

        return $above->digits === '1' ? $this->word('one') . " $one" : "$above->digits $many";
    }

    /** A fraction of two numbers or letters is said as it stands; a longer one from its beginning to its end. */
    private function fraction(Fraction $fraction): string
    {
        $named = $this->parts($fraction);
        if ($named !== null) {
            return $named;
        }
        $parts = [$fraction->numerator, $fraction->denominator];
        $short = array_filter($parts, static fn(Box $part): bool => $part instanceof Digits || $part instanceof Name);
        $said = $this->say($fraction->numerator) . ' ' . $this->word('over') . ' ' . $this->say($fraction->denominator);

        return \count($short) === 2 ? $said : $this->word('fraction') . ' ' . $said . ' ' . $this->word('end-fraction');
    }

    private function exponent(string $exponent): string
    {
        return match ($exponent) {
            '2' => $this->word('squared'),
            '3' => $this->word('cubed'),
            default => $this->word('to-the') . ' ' . $exponent
                . (preg_match('/^\w+$/', $exponent) === 1 ? '' : ' ' . $this->word('end-power')),
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
        return $this->words[$key] ?? throw new \LogicException("Speech has no word for $key.");
    }
}
