<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\Greek;
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

/** LaTeX mathematics; what cancels is struck with \cancel. */
final readonly class Latex implements Writer
{
    public function write(Box $box): string
    {
        return match (true) {
            $box instanceof Row => implode('', array_map($this->write(...), $box->boxes)),
            $box instanceof Sign => self::sign($box),
            $box instanceof Digits => $box->grouped('\\,'),
            $box instanceof Name => self::name($box),
            $box instanceof PlainWords => " \\text{ {$box->key} } ",
            $box instanceof Fenced => '\left(' . $this->write($box->content) . '\right)',
            $box instanceof Inked => match ($box->mark->kind) {
                MarkKind::Cancels => '\cancel{' . $this->write($box->content) . '}',
                MarkKind::Gap => '\square ',
                default => $this->write($box->content),
            },
            $box instanceof Fraction => '\frac{'
                . $this->write($box->numerator)
                . '}{'
                . $this->write($box->denominator)
                . '}',
            $box instanceof Raised => $this->write($box->base) . '^{' . $this->write($box->exponent) . '}',
            $box instanceof Radical => '\sqrt'
                . ($box->index === 2 ? '' : "[{$box->index}]")
                . '{'
                . $this->write($box->radicand)
                . '}',
            default => throw new \LogicException('No LaTeX for ' . $box::class),
        };
    }

    private static function name(Name $name): string
    {
        $letter = Greek::COMMANDS[$name->letter] ?? $name->letter;

        return $name->index === '' ? $letter : rtrim($letter) . "_{{$name->index}}";
    }

    private static function sign(Sign $sign): string
    {
        return match ($sign) {
            Sign::Plus => ' + ',
            Sign::Minus => ' - ',
            Sign::Opposite => '-',
            Sign::Dot => ' \cdot ',
            Sign::Cross => ' \times ',
            Sign::Beside => '',
            Sign::PlusMinus => ' \pm ',
            Sign::EitherSign => '\pm ',
            Sign::Equals => ' = ',
        };
    }
}
