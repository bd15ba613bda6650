<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the grid comes after its crossing or stands beside it from the start. The first is the default. */
enum CrossingGrid: string
{
    case After = 'after';
    case Beside = 'beside';
}
