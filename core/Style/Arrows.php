<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether arrows are drawn from term to term while single products are written. The first is the default. */
enum Arrows: string
{
    case Off = 'off';
    case On = 'on';
}
