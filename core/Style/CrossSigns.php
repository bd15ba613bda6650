<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether signs are decided before or after the cross products are tried. The first is the default. */
enum CrossSigns: string
{
    case First = 'first';
    case Last = 'last';
}
