<?php

declare(strict_types=1);

namespace Runel\Style;

/** Which edge of a grid the longer factor lies on, or the first one. The first is the default. */
enum GridLongEdge: string
{
    case Top = 'top';
    case Side = 'side';
    case AsGiven = 'as-given';
    case FirstSide = 'first-side';
}
