<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

/** What kind of thing an answer is, as the contract names it. */
enum AnswerType: string
{
    case Expression = 'expression';
    case Solutions = 'solutions';
    case Between = 'between';
    case None = 'none';
    case All = 'all';
    case Formula = 'formula';
    case Division = 'division';
    case Identity = 'identity';
}
