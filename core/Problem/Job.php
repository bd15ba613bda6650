<?php

declare(strict_types=1);

namespace Runel\Problem;

/** What can be asked of a problem. */
enum Job: string
{
    case Multiply = 'multiply';
    case Factor = 'factor';
    case CompleteSquare = 'complete-square';
    case Divide = 'divide';
    case Solve = 'solve';
    case Rearrange = 'rearrange';
}
