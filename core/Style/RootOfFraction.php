<?php

declare(strict_types=1);

namespace Runel\Style;

/** What becomes of the root of a fraction. The first is the default. */
enum RootOfFraction: string
{
    case Rationalised = 'rationalised';
    case Split = 'split';
    case Kept = 'kept';
}
