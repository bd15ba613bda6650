<?php

declare(strict_types=1);

namespace Runel\Style;

/** How the square of two terms is multiplied out in a root equation. The first is the default. */
enum RootSquare: string
{
    case Grid = 'grid';
    case Products = 'products';
}
