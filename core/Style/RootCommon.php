<?php

declare(strict_types=1);

namespace Runel\Style;

/** When a number that goes into everything is divided out of a root equation. The first is the default. */
enum RootCommon: string
{
    case Before = 'before';
    case After = 'after';
}
