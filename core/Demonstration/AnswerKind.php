<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** What kind of answer a question wants. */
enum AnswerKind: string
{
    case Expression = 'expression';
    case Number = 'number';
    case Pair = 'pair';
    /** the greatest common factor of the terms of something */
    case Common = 'common';
    /** an equation, its right side 0 where the accepted one's is */
    case Equation = 'equation';
    /** all solutions, with commas or "or" between them */
    case Solutions = 'solutions';
}
