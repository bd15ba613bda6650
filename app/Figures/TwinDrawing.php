<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\WholeNumberTwinFigure;
use Runel\Message\Message;

/**
 * Two whole numbers with arcs below them that join the digits of a place; the sums at the places, what is carried from
 * each to the next, and the digits that stay.
 */
final readonly class TwinDrawing implements Drawing
{
    private const CELL = 66.0;
    private const DIGIT = 34.0;
    private const LINE = 42.0;

    public function __construct(private WholeNumberTwinFigure $twin) {}

    public function label(): Message
    {
        $numbers = ['left' => $this->twin->left(), 'right' => $this->twin->right()];

        return $this->twin->isWhole()
            ? Message::of('figure.twin', $numbers + ['product' => $this->twin->product()])
            : Message::of('figure.twin-begun', $numbers + ['count' => \count($this->twin->known)]);
    }

    public function draw(Pen $pen): array
    {
        $count = $this->twin->places();
        // The product may have one place more than there are sums, whether or not it is written yet.
        $left = 24 + self::CELL;
        $right = $left + $count * self::CELL;
        $digits = \count($this->twin->leftDigits) + \count($this->twin->rightDigits);
        $width = max($right, 24 + ($digits + 1.4) * self::DIGIT);
        $this->numbers($pen, $width / 2 - ($digits + 1.4) * self::DIGIT / 2 + 12);
        $top = self::LINE + 34 + 15 * min(\count($this->twin->leftDigits), \count($this->twin->rightDigits));
        for ($power = 0; $power < $count; ++$power) {
            $this->place($pen, $power, $right - ($power + 0.5) * self::CELL, $top);
        }
        $pen->line($left - self::CELL, $top + 88, $right, $top + 88, Ink::TEXT, 2);
        foreach ($this->twin->stays() as $power => $digit) {
            $pen->words((string) $digit, $right - ($power + 0.5) * self::CELL, $top + 122, 30, Ink::TEXT);
        }

        return [$width + 12, $top + 138];
    }

    /** Both numbers digit by digit, with the arcs of the place that is looked at. */
    private function numbers(Pen $pen, float $x): void
    {
        $joined = $this->twin->joined === null ? [] : $this->twin->meeting($this->twin->joined);
        $lefts = $this->number($pen, $this->twin->leftDigits, $x, array_column($joined, 0));
        $x += (\count($lefts) + 0.7) * self::DIGIT;
        $pen->words('×', $x, self::LINE, 28, Ink::QUIET);
        $rights = $this->number(
            $pen,
            $this->twin->rightDigits,
            $x + 0.7 * self::DIGIT,
            array_column($joined, 1),
        );
        $colour = Ink::colour($this->twin->joined ?? 0);
        $dashes = Ink::dashes($this->twin->joined ?? 0);
        foreach ($joined as $place => [$left, $right]) {
            $sink = self::LINE + 24 + 15 * (\count($joined) - $place);
            $pen->path(\sprintf(
                'M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f',
                $lefts[$left],
                self::LINE + 12,
                $lefts[$left] + 4,
                $sink,
                $rights[$right] - 4,
                $sink,
                $rights[$right],
                self::LINE + 12,
            ), $colour, 2.2, $dashes === 'double' ? '' : $dashes);
        }
    }

    /**
     * @param list<int> $digits
     * @param list<int> $lit    the places on light
     *
     * @return list<float> the middle of each digit
     */
    private function number(Pen $pen, array $digits, float $x, array $lit): array
    {
        $centres = [];
        foreach ($digits as $place => $digit) {
            $centre = $x + ($place + 0.5) * self::DIGIT;
            if (\in_array($place, $lit, true)) {
                $pen->box($centre - 14, self::LINE - 28, 28, 36, Ink::LIGHT, Ink::LIGHT_EDGE, 1.5, '', 6);
            }
            $pen->words((string) $digit, $centre, self::LINE, 28, Ink::TEXT);
            $centres[] = $centre;
        }

        return $centres;
    }

    /** The sum at a place, and what comes over from its right. */
    private function place(Pen $pen, int $power, float $x, float $top): void
    {
        $isKnown = \in_array($power, $this->twin->known, true);
        $isLit = $this->twin->joined === $power;
        $pen->box(
            $x - 28,
            $top,
            56,
            46,
            $isLit ? Ink::LIGHT : Ink::PAPER,
            $isLit ? Ink::LIGHT_EDGE : Ink::RULE,
            $isLit ? 2 : 1.2,
            $isKnown ? '' : '5 4',
            6,
        );
        if ($isKnown) {
            $pen->words((string) $this->twin->sums[$power], $x, $top + 31, 24, Ink::colour($power));
            $pen->inkLine($power, $x - 16, 32, $top + 40, $top + 5);
        }
        $carry = $power > 0 && $power <= $this->twin->carried ? $this->twin->carries[$power] : 0;
        if ($carry > 0) {
            $pen->path(
                \sprintf(
                    'M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f',
                    $x + 46,
                    $top + 66,
                    $x + 36,
                    $top + 54,
                    $x + 22,
                    $top + 54,
                    $x + 8,
                    $top + 64,
                ),
                Ink::QUIET,
                1.5,
            );
            $pen->words("+$carry", $x + 2, $top + 78, 17, Ink::TEXT, 'end');
        }
    }
}
