<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the fractions of an equation are cleared first. The first is the default. */
enum Denominators: string
{
    case Cleared = 'cleared';
    case Carried = 'carried';
}
