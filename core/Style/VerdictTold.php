<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether it is said beforehand that a trinomial factors. The first is the default. */
enum VerdictTold: string
{
    case Held = 'held';
    case Shown = 'shown';
}
