<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** What the name of a figure's part says: its kind, and where it stands, as in "sum 2" or "cell 1,0". */
final readonly class Piece
{
    /**
     * @param int $place  the only number, or the first of two; 0 where there is none
     * @param int $second the second number
     */
    private function __construct(public string $kind, public int $place, public int $second) {}

    public static function named(string $name): self
    {
        [$kind, $places] = explode(' ', $name, 2) + [1 => ''];
        [$place, $second] = explode(',', $places, 2) + [1 => ''];

        return new self($kind, (int) $place, (int) $second);
    }
}
