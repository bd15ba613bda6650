<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** What kind of answer a question wants. */
enum AnswerKind: string
{
    case Expression = 'expression';
    case Number = 'number';
    case Pair = 'pair';
}
