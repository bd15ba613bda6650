<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the terms of a crossing are written with their letters. The first is the default. */
enum CrossingLetters: string
{
    case Off = 'off';
    case On = 'on';
}
