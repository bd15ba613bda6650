<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\SignedBracketsFigure;
use Runel\Message\Message;

/** Two brackets with a place before and behind each sign. */
final readonly class SignedBracketsDrawing implements Drawing
{
    private const SIZE = 34;
    private const WIDE = 150.0;
    private const LINE = 52.0;

    public function __construct(private SignedBracketsFigure $figure) {}

    public function label(): Message
    {
        [$first, $second] = $this->figure->signs();

        return Message::of('figure.signed-brackets', ['first' => $first, 'second' => $second]);
    }

    public function draw(Pen $pen): array
    {
        foreach ($this->figure->signs() as $place => $sign) {
            $left = 14 + $place * self::WIDE;
            $pen->words('(', $left, self::LINE, self::SIZE + 8, Ink::TEXT);
            $pen->words(')', $left + self::WIDE - 22, self::LINE, self::SIZE + 8, Ink::TEXT);
            foreach ([14.0, 82.0] as $gap) {
                $pen->box($left + $gap, self::LINE - 30, 32, 36, 'none', Ink::RULE, 1.4, '5 4', 5);
            }
            $pen->box($left + 49, self::LINE - 31, 30, 38, Ink::LIGHT, Ink::LIGHT_EDGE, 1.4, '', 5);
            $pen->words($sign, $left + 64, self::LINE, self::SIZE, Ink::TEXT);
        }

        return [2 * self::WIDE + 18, self::LINE + 26];
    }
}
