<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\RingedSquareFigure;
use Runel\Expression\Expression;
use Runel\Message\Message;

/** The trinomial above, the bracket below; a ring round what is taken, and a way down to where it drops. */
final readonly class RingedSquareDrawing implements Drawing
{
    private const SIZE = 30;
    private const TOP = 44.0;
    private const BRACKET = 142.0;
    /** Where the middles of the three terms stand, and the two signs between them. */
    private const TERMS = [66.0, 186.0, 310.0];
    private const SIGNS = [122.0, 250.0];
    /** Where the three things stand in the bracket. */
    private const PLACES = [150.0, 190.0, 232.0];

    public function __construct(private RingedSquareFigure $figure) {}

    public function label(): Message
    {
        return Message::of('figure.ringed-square', ['count' => $this->figure->count]);
    }

    public function draw(Pen $pen): array
    {
        $sign = $this->figure->negative ? '−' : '+';
        foreach ($this->figure->terms as $place => $term) {
            $pen->centred($term, self::TERMS[$place], self::TOP, self::SIZE);
        }
        $pen->words($sign, self::SIGNS[0], self::TOP + 10, self::SIZE, Ink::TEXT);
        $pen->words('+', self::SIGNS[1], self::TOP + 10, self::SIZE, Ink::TEXT);
        $pen->words('(', self::PLACES[0] - 30, self::BRACKET + 11, self::SIZE + 8, Ink::TEXT);
        $pen->words(')', self::PLACES[2] + 30, self::BRACKET + 11, self::SIZE + 8, Ink::TEXT);
        $pen->words('2', self::PLACES[2] + 46, self::BRACKET - 8, self::SIZE * .7, Ink::TEXT);
        $rings = [self::TERMS[0], self::SIGNS[0], self::TERMS[2]];
        $parts = [$this->figure->letter, $sign, $this->figure->size];
        for ($part = 0; $part < $this->figure->count; ++$part) {
            $isNew = $part === $this->figure->count - 1;
            $this->ring($pen, $rings[$part], $part === 1 ? 17 : 34, $isNew);
            $pen->line(
                $rings[$part],
                self::TOP + 27,
                self::PLACES[$part],
                self::BRACKET - 24,
                $isNew ? Ink::LIGHT_EDGE : Ink::RULE,
                $isNew ? 2.5 : 1.5,
                '4 4',
            );
            $this->put($pen, $parts[$part], self::PLACES[$part], $isNew);
        }

        return [366, self::BRACKET + 40];
    }

    private function ring(Pen $pen, float $x, float $radius, bool $isNew): void
    {
        $pen->path(
            \sprintf(
                'M%.1f %.1fa%.1f 27 0 1 0 %.1f 0a%.1f 27 0 1 0 %.1f 0z',
                $x - $radius,
                self::TOP,
                $radius,
                2 * $radius,
                $radius,
                -2 * $radius,
            ),
            $isNew ? Ink::LIGHT_EDGE : Ink::RULE,
            $isNew ? 2.5 : 1.5,
        );
    }

    private function put(Pen $pen, Expression|string $part, float $x, bool $isNew): void
    {
        if ($isNew) {
            $pen->box($x - 17, self::BRACKET - 21, 34, 42, Ink::LIGHT, Ink::LIGHT_EDGE, 1.5, '', 6);
        }
        if ($part instanceof Expression) {
            $pen->centred($part, $x, self::BRACKET, self::SIZE);
        } else {
            $pen->words($part, $x, self::BRACKET + 10, self::SIZE, Ink::TEXT);
        }
    }
}
