<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the two parts of a solution stand over one line. The first is the default. */
enum Fractions: string
{
    case Combined = 'combined';
    case Separate = 'separate';
}
