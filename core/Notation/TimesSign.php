<?php

declare(strict_types=1);

namespace Runel\Notation;

/** How a multiplication is written where it has to be seen. */
enum TimesSign: string
{
    case Dot = 'dot';
    case Cross = 'cross';
    /** no sign: the factors stand in brackets */
    case None = 'none';
}
