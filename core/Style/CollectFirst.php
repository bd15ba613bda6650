<?php

declare(strict_types=1);

namespace Runel\Style;

/** What is collected first in a linear equation. The first is the default. */
enum CollectFirst: string
{
    case Letters = 'letters';
    case Numbers = 'numbers';
}
