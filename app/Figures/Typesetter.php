<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Expression\Node;
use Runel\Notation\Arranger;
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
use Runel\Notation\PlainText;

/**
 * Lays mathematics out for an SVG figure, which has none of its own. Widths are those of the
 * shipped fonts, in thousandths of the size; a viewer with another serif face comes close.
 */
final class Typesetter
{
    private const ITALIC = [
        'a' => 444, 'b' => 463, 'c' => 407, 'd' => 500, 'e' => 389, 'f' => 278, 'g' => 500, 'h' => 500, 'i' => 278,
        'j' => 278,
        'k' => 444, 'l' => 278, 'm' => 778, 'n' => 556, 'o' => 444, 'p' => 500, 'q' => 463, 'r' => 389, 's' => 389,
        't' => 333,
        'u' => 556, 'v' => 500, 'w' => 722, 'x' => 500, 'y' => 500, 'z' => 444,
    ];
    private const CAPITAL = 720;
    private const DIGIT = 500;
    /** A gap between groups of digits, as a part of a digit. */
    private const GAP = 0.5;
    private const OPERATOR = 760;
    private const SMALL = 0.7;
    /** The size of the small number at a root. */
    private const TINY = 0.5;

    /**
     * What has been laid out already; the node is kept so that its id stays its own.
     *
     * @var array<string, array{Node, Setting}>
     */
    private array $known = [];

    public function __construct(private readonly Arranger $arranger) {}

    /** Measuring and drawing ask for the same expression several times; it is laid out once. */
    public function set(Node $node, float $size): Setting
    {
        return ($this->known[spl_object_id($node) . ' ' . $size] ??= [$node, $this->box(
            $this->arranger->arrange($node),
            $size,
        )])[1];
    }

    /** Plain words or digits. */
    public function words(string $text, float $size): Setting
    {
        $text = Digits::inText($text, PlainText::GAP);

        return $this->text($text, $size, mb_strlen($text) * self::DIGIT, false);
    }

    private function digits(string $digits, float $size): Setting
    {
        $gaps = \strlen($digits) < 4 ? 0 : intdiv(\strlen(strtok($digits, '.') ?: '') - 1, 3);
        $width = (\strlen($digits) + self::GAP * $gaps) * self::DIGIT;

        return $this->text(Digits::inGroups($digits, PlainText::GAP), $size, $width, false);
    }

    private function box(Box $box, float $size): Setting
    {
        return match (true) {
            $box instanceof Digits => $this->digits($box->digits, $size),
            $box instanceof Name => $this->name($box, $size),
            $box instanceof Sign => $this->sign($box, $size),
            $box instanceof Row => Setting::row(
                array_map(fn(Box $part): Setting => $this->box($part, $size), $box->boxes),
            ),
            $box instanceof Inked => $this->box($box->content, $size),
            $box instanceof Raised => $this->raised($box, $size),
            $box instanceof Fenced => $this->fenced($box, $size),
            $box instanceof Fraction => $this->fraction($box, $size),
            $box instanceof Radical => $this->radical($box, $size),
            default => throw new \LogicException('No setting for ' . $box::class),
        };
    }

    private function name(Name $name, float $size): Setting
    {
        $letter = $this->letter($name->letter, $size);
        $small = $size * self::SMALL;
        $index = match (true) {
            $name->index === '' => null,
            ctype_digit($name->index) => $this->digits($name->index, $small),
            default => $this->letter($name->index, $small),
        };

        return $index === null ? $letter : Setting::row([$letter, $index->moved(0, 0.22 * $size)]);
    }

    private function letter(string $letter, float $size): Setting
    {
        return $this->text($letter, $size, (self::ITALIC[$letter] ?? self::CAPITAL) + 40, true);
    }

    private function text(string $text, float $size, float $thousandths, bool $italic): Setting
    {
        return new Setting($thousandths / 1000 * $size, 0.72 * $size, 0.22 * $size, [
            ['x' => 0.0, 'y' => 0.0, 'size' => $size, 'text' => $text, 'italic' => $italic],
        ]);
    }

    private function sign(Sign $sign, float $size): Setting
    {
        return match ($sign) {
            Sign::Beside => new Setting(0.02 * $size, 0, 0, []),
            Sign::Opposite => $this->text('−', $size, self::OPERATOR - 60, false),
            Sign::Plus => $this->spaced('+', $size, self::OPERATOR, 0.2),
            Sign::Minus => $this->spaced('−', $size, self::OPERATOR, 0.2),
            Sign::PlusMinus => $this->spaced('±', $size, self::OPERATOR, 0.2),
            Sign::EitherSign => $this->text('±', $size, self::OPERATOR - 60, false),
            Sign::Equals => $this->spaced('=', $size, self::OPERATOR, 0.28),
            Sign::Dot => $this->spaced('·', $size, 280, 0.16),
            Sign::Cross => $this->spaced('×', $size, 627, 0.16),
        };
    }

    private function spaced(string $text, float $size, float $thousandths, float $space): Setting
    {
        $gap = new Setting($space * $size, 0, 0, []);

        return Setting::row([$gap, $this->text($text, $size, $thousandths, false), $gap]);
    }

    private function raised(Raised $box, float $size): Setting
    {
        $base = $this->box($box->base, $size);
        $exponent = $this->box(
            $box->exponent,
            $size * self::SMALL,
        )->moved(0, -max(0.38 * $size, $base->ascent - 0.34 * $size));

        return Setting::row([$base, $exponent]);
    }

    private function fenced(Fenced $box, float $size): Setting
    {
        $content = $this->box($box->content, $size);
        $stretch = max(1.0, ($content->ascent + $content->descent) / (0.94 * $size) * 0.95);
        $drop = $stretch > 1.0 ? ($content->descent - $content->ascent) / 2 + 0.25 * $size * $stretch : 0.0;
        $fence = fn(string $side): Setting => $this->text(
            $side,
            $size * $stretch,
            400 / $stretch ** 0.5,
            false,
        )->moved(0, $drop);

        return Setting::row([$fence('('), $content, $fence(')')]);
    }

    private function fraction(Fraction $box, float $size): Setting
    {
        $top = $this->box($box->numerator, $size * self::SMALL);
        $bottom = $this->box($box->denominator, $size * self::SMALL);
        $width = max($top->width, $bottom->width) + 0.12 * $size;
        $axis = -0.26 * $size;
        $gap = 0.1 * $size;
        $top = $top->moved(($width - $top->width) / 2, $axis - $gap - $top->descent * 0.4);
        $bottom = $bottom->moved(($width - $bottom->width) / 2, $axis + $gap + $bottom->ascent);
        $side = 0.06 * $size;

        return new Setting(
            $width + 2 * $side,
            $top->ascent,
            $bottom->descent,
            [...$top->moved($side, 0)->pieces, ...$bottom->moved($side, 0)->pieces],
            [...$top->moved($side, 0)->strokes, ...$bottom->moved($side, 0)->strokes, [
                'x1' => $side,
                'y1' => $axis,
                'x2' => $side + $width,
                'y2' => $axis,
            ]],
        );
    }

    private function radical(Radical $box, float $size): Setting
    {
        $content = $this->box($box->radicand, $size);
        $index = $box->index === 2 ? null : $this->digits((string) $box->index, $size * self::TINY);
        // A long index widens the hook it stands over.
        $hook = max(0.0, ($index->width ?? 0.0) - 0.3 * $size);
        $lead = 0.6 * $size + $hook;
        $roof = -$content->ascent - 0.12 * $size;
        $foot = $content->descent;
        $strokes = [
            ['x1' => 0.08 * $size + $hook, 'y1' => -0.25 * $size, 'x2' => 0.2 * $size + $hook, 'y2' => -0.32 * $size],
            ['x1' => 0.2 * $size + $hook, 'y1' => -0.32 * $size, 'x2' => 0.36 * $size + $hook, 'y2' => $foot],
            ['x1' => 0.36 * $size + $hook, 'y1' => $foot, 'x2' => 0.54 * $size + $hook, 'y2' => $roof],
            ['x1' => 0.54 * $size + $hook, 'y1' => $roof, 'x2' => $lead + $content->width, 'y2' => $roof],
        ];
        $inner = $content->moved($lead, 0);
        $pieces = [...$inner->pieces, ...($index?->moved(0.02 * $size, -0.42 * $size)->pieces ?? [])];

        return new Setting($lead + $content->width + 0.08 * $size, -$roof, $foot, $pieces, [
            ...$inner->strokes,
            ...$strokes,
        ]);
    }
}
