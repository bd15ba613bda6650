<?php

declare(strict_types=1);

namespace Runel\Style;

/** In which form answers are given. The first is the default. */
enum Answers: string
{
    case Exact = 'exact';
    case Decimal = 'decimal';
    case Both = 'both';
}
