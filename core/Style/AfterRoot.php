<?php

declare(strict_types=1);

namespace Runel\Style;

/** How the two roots are followed. The first is the default. */
enum AfterRoot: string
{
    case PlusMinus = 'plus-minus';
    case TwoEquations = 'two-equations';
}
