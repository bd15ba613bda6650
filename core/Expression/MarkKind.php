<?php

declare(strict_types=1);

namespace Runel\Expression;

/** The kinds of marks a part of a line can carry. */
enum MarkKind: string
{
    case Written = 'written';
    case Used = 'used';
    case Cancels = 'cancels';
    case Degree = 'degree';
    case Gap = 'gap';
    case Wanted = 'wanted';
    case Doubted = 'doubted';
}
