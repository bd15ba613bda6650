<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether two rational solutions stand over one line first. The first is the default. */
enum RationalPair: string
{
    case Each = 'each';
    case OneLine = 'one-line';
}
