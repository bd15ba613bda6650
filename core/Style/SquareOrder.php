<?php

declare(strict_types=1);

namespace Runel\Style;

/** In which order a number before the square is done away with when a square is completed. The first is the default. */
enum SquareOrder: string
{
    case MoveFirst = 'move-first';
    case DivideFirst = 'divide-first';
    case AllTerms = 'all-terms';
}
