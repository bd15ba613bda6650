<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Expression\Node;
use Runel\Notation\Box\Digits;
use Runel\Notation\PlainText;

/**
 * Draws an SVG picture that needs nothing from outside: no style sheet, no script, and any
 * serif font will do.
 */
final class Pen
{
    private const FONTS = "'Runel Math', 'TeX Gyre Pagella', 'Palatino Linotype', Palatino, Georgia, serif";

    /** How much larger than its own pixels a figure is shown where there is room. */
    private const SCALE = 1.35;

    private string $body = '';

    public function __construct(private readonly Typesetter $typesetter) {}

    public function box(
        float $x,
        float $y,
        float $width,
        float $height,
        string $fill = 'none',
        string $stroke = 'none',
        float $thickness = 1,
        string $dashes = '',
        float $round = 0,
    ): void {
        $this->body .= \sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" fill="%s" stroke="%s" stroke-width="%s"%s%s/>',
            self::number($x),
            self::number($y),
            self::number($width),
            self::number($height),
            $fill,
            $stroke,
            self::number($thickness),
            $dashes === '' ? '' : " stroke-dasharray=\"$dashes\"",
            $round > 0 ? ' rx="' . self::number($round) . '"' : '',
        );
    }

    public function line(
        float $x1,
        float $y1,
        float $x2,
        float $y2,
        string $stroke = Ink::TEXT,
        float $thickness = 1.5,
        string $dashes = '',
    ): void {
        $this->path(
            'M' . self::number($x1) . ' ' . self::number($y1) . 'L' . self::number($x2) . ' ' . self::number($y2),
            $stroke,
            $thickness,
            $dashes,
        );
    }

    public function path(
        string $path,
        string $stroke = Ink::TEXT,
        float $thickness = 1.5,
        string $dashes = '',
        string $fill = 'none',
    ): void {
        $this->body .= \sprintf(
            '<path d="%s" fill="%s" stroke="%s" stroke-width="%s" stroke-linecap="round" stroke-linejoin="round"%s/>',
            $path,
            $fill,
            $stroke,
            self::number($thickness),
            $dashes === '' ? '' : " stroke-dasharray=\"$dashes\"",
        );
    }

    public function disc(float $x, float $y, float $radius, string $fill, string $stroke, float $thickness = 1.5): void
    {
        $this->body .= \sprintf(
            '<circle cx="%s" cy="%s" r="%s" fill="%s" stroke="%s" stroke-width="%s"/>',
            self::number($x),
            self::number($y),
            self::number($radius),
            $fill,
            $stroke,
            self::number($thickness),
        );
    }

    public function measure(Node $node, float $size): Setting
    {
        return $this->typesetter->set($node, $size);
    }

    /** Mathematics, centred on a point: digits stand in the middle, so that neighbours share a baseline. */
    public function centred(Node $node, float $x, float $y, float $size, string $colour = Ink::TEXT): void
    {
        $setting = $this->typesetter->set($node, $size);
        $drop = $setting->strokes === [] ? 0.33 * $size : ($setting->ascent - $setting->descent) / 2;
        $this->place($setting, $x - $setting->width / 2, $y + $drop, $colour);
    }

    /** Mathematics, ending at x, standing on the baseline y. */
    public function ending(Node $node, float $x, float $baseline, float $size, string $colour = Ink::TEXT): void
    {
        $setting = $this->typesetter->set($node, $size);
        $this->place($setting, $x - $setting->width, $baseline, $colour);
    }

    /** Mathematics, starting at x, standing on the baseline y. */
    public function starting(Node $node, float $x, float $baseline, float $size, string $colour = Ink::TEXT): void
    {
        $this->place($this->typesetter->set($node, $size), $x, $baseline, $colour);
    }

    /** Plain words; the anchor is start, middle or end. */
    public function words(
        string $text,
        float $x,
        float $baseline,
        float $size,
        string $colour = Ink::QUIET,
        string $anchor = 'middle',
    ): void {
        $this->body .= \sprintf(
            '<text x="%s" y="%s" font-size="%s" fill="%s" text-anchor="%s">%s</text>',
            self::number($x),
            self::number($baseline),
            self::number($size),
            $colour,
            $anchor,
            htmlspecialchars(Digits::inText($text, PlainText::GAP), \ENT_XML1),
        );
    }

    /** The line that belongs to an ink, below or above a stretch of text. */
    public function inkLine(int $ink, float $x, float $width, float $below, float $above): void
    {
        $y = Ink::isAbove($ink) ? $above : $below;
        $dashes = Ink::dashes($ink);
        $double = $dashes === 'double';
        $this->line($x, $y, $x + $width, $y, Ink::colour($ink), $double ? 1.2 : 2, $double ? '' : $dashes);
        if ($double) {
            $this->line($x, $y + 3, $x + $width, $y + 3, Ink::colour($ink), 1.2);
        }
    }

    /**
     * What is drawn meanwhile stands that much further to the right and down.
     *
     * @param \Closure(): array{float, float} $draw
     *
     * @return array{float, float}
     */
    public function shifted(float $right, float $down, \Closure $draw): array
    {
        $this->body .= '<g transform="translate(' . self::number($right) . ' ' . self::number($down) . ')">';
        $size = $draw();
        $this->body .= '</g>';

        return $size;
    }

    /**
     * What is drawn meanwhile comes to its place from somewhere else, where motion is shown.
     *
     * @param array{float, float} $way how far right and down of its place it starts
     */
    public function travelling(array $way, \Closure $draw): void
    {
        $this->body .= '<g class="travels" data-from="' . self::number($way[0]) . ' ' . self::number($way[1]) . '">';
        $draw();
        $this->body .= '</g>';
    }

    /** The finished picture, with what it shows in words. */
    public function finish(float $width, float $height, string $label): string
    {
        $label = htmlspecialchars($label, \ENT_XML1 | \ENT_QUOTES);

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '
            . self::number($width)
            . ' '
            . self::number($height)
            . '" width="'
            . self::number($width * self::SCALE)

                . '" height="'
                . self::number($height * self::SCALE)
                . '" role="img" aria-label="'
                . $label
                . '" font-family="'
                . self::FONTS
                . '"><title>'
                . $label
                . '</title>'
            . $this->body . '</svg>';
    }

    private function place(Setting $setting, float $x, float $y, string $colour): void
    {
        $moved = $setting->moved($x, $y);
        $text = '';
        foreach ($moved->pieces as $piece) {
            $text .= \sprintf(
                '<tspan x="%s" y="%s" font-size="%s"%s>%s</tspan>',
                self::number($piece['x']),
                self::number($piece['y']),
                self::number($piece['size']),
                $piece['italic'] ? ' font-style="italic"' : '',
                htmlspecialchars($piece['text'], \ENT_XML1),
            );
        }
        $this->body .= '<text fill="' . $colour . '"' . '>' . $text . '</text>';
        foreach ($moved->strokes as $stroke) {
            $this->line($stroke['x1'], $stroke['y1'], $stroke['x2'], $stroke['y2'], $colour, 1.3);
        }
    }

    private static function number(float $value): string
    {
        return (string) round($value, 1);
    }
}
