<?php

declare(strict_types=1);

namespace Runel\Style;

/** Where the middle term stands that a crossing has to make. The first is the default. */
enum CrossingMiddle: string
{
    case Below = 'below';
    case Above = 'above';
}
