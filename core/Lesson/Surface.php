<?php

declare(strict_types=1);

namespace Runel\Lesson;

/** The page or the board there is: one sign to a square, one line to a row of squares. */
final readonly class Surface
{
    /**
     * @param int $wide in squares
     * @param int $high in lines
     */
    public function __construct(public int $wide, public int $high) {}
}
