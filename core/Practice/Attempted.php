<?php

declare(strict_types=1);

namespace Runel\Practice;

/** How an attempt went. */
enum Attempted: string
{
    case Sound = 'sound';
    case WithHelp = 'with-help';
    case Slipped = 'slipped';
}
