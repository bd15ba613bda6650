<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** What kind of thing the answer is. */
enum AnswerType: string
{
    case Expression = 'expression';
    case Solutions = 'solutions';
    case None = 'none';
    case All = 'all';
    case Formula = 'formula';
    case Division = 'division';
}
