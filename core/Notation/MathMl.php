<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\Mark;
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

/** Presentation MathML, without the outer element. Marks become classes; the style sheet gives them their look. */
final readonly class MathMl implements Writer
{
    /** How many inks there are before they come round again. */
    public const INKS = 8;

    public function write(Box $box): string
    {
        return match (true) {
            $box instanceof Row => '<mrow>' . implode('', array_map($this->write(...), $box->boxes)) . '</mrow>',
            $box instanceof Sign => self::sign($box),
            $box instanceof Digits => '<mn>' . $box->grouped(PlainText::GAP) . '</mn>',
            $box instanceof Name => self::name($box),
            $box instanceof PlainWords => '<mtext>&#xA0;' . $box->key . '&#xA0;</mtext>',
            $box instanceof Fenced => $this->fenced($box),
            $box instanceof Inked && $box->mark->kind === MarkKind::Gap => '<mi class="gap">□</mi>',
            $box instanceof Inked => '<mrow class="'
                . self::markClass($box->mark)
                . '">'
                . $this->write($box->content)
                . '</mrow>',
            $box instanceof Fraction => '<mfrac>'
                . $this->write($box->numerator)
                . $this->write($box->denominator)
                . '</mfrac>',
            $box instanceof Raised => '<msup>' . $this->write($box->base) . $this->write($box->exponent) . '</msup>',
            $box instanceof Radical => $box->index === 2
                ? '<msqrt>' . $this->write($box->radicand) . '</msqrt>'
                : '<mroot>' . $this->write($box->radicand) . "<mn>{$box->index}</mn></mroot>",
            default => throw new \LogicException('No MathML for ' . $box::class),
        };
    }

    private static function name(Name $name): string
    {
        $letter = "<mi>$name->letter</mi>";
        $element = ctype_digit($name->index) ? 'mn' : 'mi';

        return $name->index === '' ? $letter : "<msub>$letter<$element>$name->index</$element></msub>";
    }

    /**
     * The same in pieces between which a line may be broken: before an equals sign and before each term of a sum,
     * also inside brackets.
     *
     * @return non-empty-list<string>
     */
    public function pieces(Box $box): array
    {
        if ($box instanceof Fenced) {
            $inside = $this->pieces($box->content);
            $inside[0] = '<mo form="prefix" stretchy="false">(</mo>' . $inside[0];
            $inside[] = array_pop($inside) . '<mo form="postfix" stretchy="false">)</mo>';

            return $inside;
        }
        if (!$box instanceof Row) {
            return [$this->write($box)];
        }
        $pieces = [];
        $last = '';
        foreach ($box->boxes as $part) {
            $breaks = $part instanceof Inked
                || \in_array($part, [Sign::Plus, Sign::Minus, Sign::PlusMinus, Sign::Equals], true);
            if ($breaks && $last !== '') {
                $pieces[] = $last;
                $last = '';
            }
            $inside = $this->pieces($part);
            $last .= array_shift($inside);
            foreach ($inside as $piece) {
                $pieces[] = $last;
                $last = $piece;
            }
        }
        $pieces[] = $last;

        return $pieces;
    }

    /** Brackets grow only round what is taller than a line. */
    private function fenced(Fenced $box): string
    {
        $content = $this->write($box->content);
        $stretchy = preg_match('/<m(frac|sqrt|root)/', $content) === 1 ? '' : ' stretchy="false"';

        return "<mrow><mo$stretchy>(</mo>$content<mo$stretchy>)</mo></mrow>";
    }

    private static function markClass(Mark $mark): string
    {
        return $mark->kind === MarkKind::Degree ? 'ink ink-' . $mark->ink % self::INKS : 'mark-' . $mark->kind->value;
    }

    private static function sign(Sign $sign): string
    {
        return match ($sign) {
            Sign::Plus => '<mo form="infix">+</mo>',
            Sign::Minus => '<mo form="infix">−</mo>',
            Sign::Opposite => '<mo form="prefix">−</mo>',
            Sign::Dot => '<mo>⋅</mo>',
            Sign::Cross => '<mo>×</mo>',
            Sign::Beside => '<mo>&#x2062;</mo>',
            Sign::PlusMinus => '<mo form="infix">±</mo>',
            Sign::EitherSign => '<mo form="prefix">±</mo>',
            Sign::Equals => '<mo>=</mo>',
        };
    }
}
