<?php

declare(strict_types=1);

namespace Runel\Practice;

/** What can be said of a rung a learner has met, or not. */
enum Standing: string
{
    case Stands = 'stands';
    case Wobbles = 'wobbles';
    case New = 'new';
}
