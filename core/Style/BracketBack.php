<?php

declare(strict_types=1);

namespace Runel\Style;

/** Where the bracket stands that each term is multiplied by. The first is the default. */
enum BracketBack: string
{
    case Behind = 'behind';
    case Front = 'front';
}
