<?php

declare(strict_types=1);

namespace App\Figures;

/** Mathematics laid out for a figure: pieces of text and strokes relative to the start of the baseline, in pixels. */
final readonly class Setting
{
    /**
     * @param list<array{x: float, y: float, size: float, text: string, italic: bool}> $pieces
     * @param list<array{x1: float, y1: float, x2: float, y2: float}>                  $strokes
     */
    public function __construct(
        public float $width,
        public float $ascent,
        public float $descent,
        public array $pieces,
        public array $strokes = [],
    ) {}

    public function moved(float $x, float $y): self
    {
        return new self(
            $this->width,
            $this->ascent - $y,
            $this->descent + $y,
            array_map(static fn(array $piece): array => [
                'x' => $piece['x'] + $x,
                'y' => $piece['y'] + $y,
            ] + $piece, $this->pieces),
            array_map(static fn(array $stroke): array => [
                'x1' => $stroke['x1'] + $x,
                'y1' => $stroke['y1'] + $y,
                'x2' => $stroke['x2'] + $x,
                'y2' => $stroke['y2'] + $y,
            ], $this->strokes),
        );
    }

    /** @param list<self> $parts one after another on one baseline */
    public static function row(array $parts): self
    {
        $width = $ascent = $descent = 0.0;
        $pieces = $strokes = [];
        foreach ($parts as $part) {
            $moved = $part->moved($width, 0);
            array_push($pieces, ...$moved->pieces);
            array_push($strokes, ...$moved->strokes);
            $width += $part->width;
            $ascent = max($ascent, $part->ascent);
            $descent = max($descent, $part->descent);
        }

        return new self($width, $ascent, $descent, $pieces, $strokes);
    }
}
