<?php

declare(strict_types=1);

namespace Runel\Style;

/**
 * Where a minus that was taken out ends, or whether it is all that is taken out. The first is the default.
 */
enum MinusOne: string
{
    case Outside = 'outside';
    case Inside = 'inside';
    /** Only the minus is taken out; a common factor may stay in a factor. */
    case Alone = 'alone';
}
