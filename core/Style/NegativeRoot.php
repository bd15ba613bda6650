<?php

declare(strict_types=1);

namespace Runel\Style;

/** What the root of a negative number is. The first is the default. */
enum NegativeRoot: string
{
    case None = 'none';
    case Complex = 'complex';
}
