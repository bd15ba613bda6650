<?php

declare(strict_types=1);

namespace Runel\Style;

/** Where the unknown is collected. The first is the default. */
enum UnknownSide: string
{
    case Left = 'left';
    case Larger = 'larger';
}
