<?php

declare(strict_types=1);

namespace Runel\Style;

/** What becomes of a leading coefficient when the square is completed in an equation. The first is the default. */
enum Leading: string
{
    case Divide = 'divide';
    case FactorOut = 'factor-out';
    case Fit = 'fit';
}
