<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the hunt that fails is shown before a square is completed. The first is the default. */
enum WhyThisWay: string
{
    case Off = 'off';
    case On = 'on';
}
