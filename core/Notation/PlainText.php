<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\LetterIndex;
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

/** One line of unicode text, as in 2t³ − 5t + 1. */
final readonly class PlainText implements Writer
{
    /** A narrow space that does not break; the parser reads it as nothing. */
    public const GAP = "\u{202F}";
    private const RAISED = [
        '0' => '⁰',
        '1' => '¹',
        '2' => '²',
        '3' => '³',
        '4' => '⁴',
        '5' => '⁵',
        '6' => '⁶',
        '7' => '⁷',
        '8' => '⁸',
        '9' => '⁹',
        '−' => '⁻',
    ];

    public function write(Box $box): string
    {
        return match (true) {
            $box instanceof Row => $this->row($box),
            $box instanceof Sign => self::sign($box),
            $box instanceof Digits => $box->grouped(self::GAP),
            $box instanceof Name => $box->letter . LetterIndex::lowered($box->index),
            $box instanceof PlainWords => " {$box->key} ",
            $box instanceof Fenced => '(' . $this->write($box->content) . ')',
            $box instanceof Inked => $box->mark->kind === MarkKind::Gap ? '□' : $this->write($box->content),
            $box instanceof Fraction => $this->fraction($box),
            $box instanceof Raised => $this->write($box->base) . $this->exponent($this->write($box->exponent)),
            $box instanceof Radical => $this->radical($box, false),
            default => throw new \LogicException('No text for ' . $box::class),
        };
    }

    /** A fraction before something it multiplies is put in brackets, or that would be read below the line. */
    private function row(Row $row): string
    {
        $text = '';
        foreach ($row->boxes as $place => $box) {
            $beside = ($row->boxes[$place + 1] ?? null) === Sign::Beside;
            $text .= match (true) {
                $beside && $box instanceof Fraction => '(' . $this->write($box) . ')',
                $beside && $box instanceof Radical => $this->radical($box, true),
                // An index that has no lowered character ends at a gap.
                $box === Sign::Beside && preg_match('/_\p{L}$/u', $text) === 1 => ' ',
                default => $this->write($box),
            };
        }

        return $text;
    }

    /** A root of one number or letter needs no brackets, unless something follows that would be read under it. */
    private function radical(Radical $radical, bool $followed): string
    {
        $sign = match ($radical->index) {
            2 => '√',
            3 => '∛',
            4 => '∜',
            default => "√[$radical->index]",
        };
        $bare = !$followed && ($radical->radicand instanceof Digits || $radical->radicand instanceof Name);
        $radicand = $this->write($radical->radicand);

        return $sign . ($bare ? $radicand : "($radicand)");
    }

    /** A fraction keeps together in one line: numbers as 7/3, anything longer in brackets. */
    private function fraction(Fraction $fraction): string
    {
        $numerator = $this->write($fraction->numerator);
        $denominator = $this->write($fraction->denominator);
        $short = static fn(string $part): bool => preg_match(
            '/^√?(?:[\d\x{202F}.]+|\p{L}(?:[₀-₉]+|\p{Lm}|_\p{L})?)$/u',
            $part,
        ) === 1;

        return ($short($numerator) ? $numerator : "($numerator)")
            . '/'
            . ($short($denominator) ? $denominator : "($denominator)");
    }

    private function exponent(string $exponent): string
    {
        return preg_match('/^−?\d+$/u', $exponent) === 1 ? strtr($exponent, self::RAISED) : "^($exponent)";
    }

    private static function sign(Sign $sign): string
    {
        return match ($sign) {
            Sign::Plus => ' + ',
            Sign::Minus => ' − ',
            Sign::Opposite => '−',
            Sign::Dot => ' · ',
            Sign::Cross => ' × ',
            Sign::Beside => '',
            Sign::PlusMinus => ' ± ',
            Sign::EitherSign => '±',
            Sign::Equals => ' = ',
        };
    }
}
