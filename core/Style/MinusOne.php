<?php

declare(strict_types=1);

namespace Runel\Style;

/** Where a minus that was taken out ends. The first is the default. */
enum MinusOne: string
{
    case Outside = 'outside';
    case Inside = 'inside';
}
