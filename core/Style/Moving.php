<?php

declare(strict_types=1);

namespace Runel\Style;

/**
 * How something gets to the other side: the same is done to both sides, or it crosses over and changes sign. The first
 * is the default.
 */
enum Moving: string
{
    case BothSides = 'both-sides';
    case Across = 'across';
}
