<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the two middle products of two binomials are written, or added in the head. The first is the default. */
enum MiddleTerms: string
{
    case Written = 'written';
    case InHead = 'in-head';
    case InHeadLast = 'in-head-last';
}
