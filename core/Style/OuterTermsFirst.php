<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the first and last cell of a grid are filled first. The first is the default. */
enum OuterTermsFirst: string
{
    case Off = 'off';
    case On = 'on';
}
