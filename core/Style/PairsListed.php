<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the factor pairs are listed beside a hunt before it begins. The first is the default. */
enum PairsListed: string
{
    case Off = 'off';
    case On = 'on';
}
