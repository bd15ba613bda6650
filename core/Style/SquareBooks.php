<?php

declare(strict_types=1);

namespace Runel\Style;

/** How the books are kept when a square is completed. The first is the default. */
enum SquareBooks: string
{
    case BothSides = 'both-sides';
    case SameSide = 'same-side';
    case Stay = 'stay';
}
