<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\SignedBracketsFigure;
use Runel\Expression\Expression;
use Runel\Message\Message;

/** Two brackets with a place before and behind each sign, and with their letters where those are written. */
final readonly class SignedBracketsDrawing implements Drawing
{
    private const SIZE = 34;
    private const LINE = 52.0;

    public function __construct(private SignedBracketsFigure $figure) {}

    public function label(): Message
    {
        [$first, $second] = $this->figure->signs();
        [$letter, $last] = $this->figure->letters() + [null, null];
        $signs = ['first' => $first, 'second' => $second];

        return match (true) {
            $letter === null => Message::of('figure.signed-brackets', $signs),
            $last === null => Message::of('figure.signed-brackets-letter', $signs + ['letter' => $letter]),
            default => Message::of('figure.signed-brackets-letters', $signs + ['letter' => $letter, 'last' => $last]),
        };
    }

    public function draw(Pen $pen): array
    {
        $right = 14.0;
        foreach ($this->figure->signs() as $sign) {
            $right = $this->bracket($pen, $sign, $right);
        }

        return [$right + 4, self::LINE + 26];
    }

    /** @return float where the next one begins */
    private function bracket(Pen $pen, string $sign, float $left): float
    {
        [$letter, $last] = $this->figure->letters() + [null, null];
        $pen->words('(', $left, self::LINE, self::SIZE + 8, Ink::TEXT);
        $right = $left + 14;
        if ($letter === null || $this->figure->isLeading()) {
            $right = self::gap($pen, $right);
        }
        if ($letter !== null) {
            $right = self::letter($pen, $letter, $right);
        }
        if ($letter === null) {
            self::lit($pen, $right + 3, 30);
        }
        $pen->words($sign, $right + 18, self::LINE, self::SIZE, Ink::TEXT);
        $right = self::gap($pen, $right + 36);
        if ($last !== null) {
            $right = self::letter($pen, $last, $right);
        }
        $pen->words(')', $right + 12, self::LINE, self::SIZE + 8, Ink::TEXT);

        return $right + 34;
    }

    private static function letter(Pen $pen, Expression $letter, float $left): float
    {
        $width = $pen->measure($letter, self::SIZE)->width;
        self::lit($pen, $left + 2, $width + 10);
        $pen->starting($letter, $left + 7, self::LINE, self::SIZE);

        return $left + $width + 14;
    }

    /** A place where a number is still to come. */
    private static function gap(Pen $pen, float $left): float
    {
        $pen->box($left, self::LINE - 30, 32, 36, 'none', Ink::RULE, 1.4, '5 4', 5);

        return $left + 32;
    }

    /** What is written newly stands on light. */
    private static function lit(Pen $pen, float $left, float $width): void
    {
        $pen->box($left, self::LINE - 31, $width, 38, Ink::LIGHT, Ink::LIGHT_EDGE, 1.4, '', 5);
    }
}
