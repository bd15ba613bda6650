<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the signs of trial factors are decided before or after the numbers are tried. The first is the default. */
enum TrialSigns: string
{
    case First = 'first';
    case Last = 'last';
}
