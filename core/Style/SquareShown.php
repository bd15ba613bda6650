<?php

declare(strict_types=1);

namespace Runel\Style;

/** How the perfect square is found again once the gap is filled. The first is the default. */
enum SquareShown: string
{
    case AtOnce = 'at-once';
    case Factored = 'factored';
    case Ringed = 'ringed';
}
