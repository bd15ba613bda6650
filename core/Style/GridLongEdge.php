<?php

declare(strict_types=1);

namespace Runel\Style;

/** Which edge of a grid the longer factor lies on. The first is the default. */
enum GridLongEdge: string
{
    case Top = 'top';
    case Side = 'side';
    case AsGiven = 'as-given';
}
