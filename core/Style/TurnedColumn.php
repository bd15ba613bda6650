<?php

declare(strict_types=1);

namespace Runel\Style;

/** Which column of an arrangement is turned. The first is the default. */
enum TurnedColumn: string
{
    case Last = 'last';
    case Fewer = 'fewer';
}
