<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** How a line follows from the line before it on its branch. */
enum Link: string
{
    /** what was asked */
    case Given = 'given';
    /** the same value for every value of the letters */
    case Equal = 'equal';
    /** the same solutions */
    case Equivalent = 'equivalent';
    /** every solution is kept, others may join */
    case Implies = 'implies';
    /** side work: true by itself, stands beside the chain */
    case Side = 'side';
    /** the answer; follows as Equal or as Equivalent does */
    case Result = 'result';
}
