<?php

declare(strict_types=1);

namespace Runel\Style;

/** How the cells of a missing power are written in a grid. The first is the default. */
enum ZeroCells: string
{
    case Bare = 'bare';
    case Powered = 'powered';
}
