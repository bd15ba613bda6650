<?php

declare(strict_types=1);

namespace Runel\Parsing;

/** What the words around the mathematics ask for. */
enum Asked: string
{
    case Multiply = 'multiply';
    case Factor = 'factor';
    case CompleteSquare = 'complete-square';
    case Divide = 'divide';
    case Solve = 'solve';
    case Rearrange = 'rearrange';
    /** that two things are the same, or that one goes into another */
    case Show = 'show';
}
