<?php

declare(strict_types=1);

namespace Runel\Style;

/** When the sides of a linear equation are exchanged whose unknown is on the right. The first is the default. */
enum SidesTurned: string
{
    case AtOnce = 'at-once';
    case AtEnd = 'at-end';
}
