<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether what is squared gets a letter of its own while it is worked with. The first is the default. */
enum SomethingNamed: string
{
    case Named = 'named';
    case Straight = 'straight';
}
