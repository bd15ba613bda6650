<?php

declare(strict_types=1);

namespace Runel\Style;

/**
 * From which end the pairs of a difference are looked through: from the one the sum lies nearer to, or from 1 upwards
 * whatever the sum. The first is the default.
 */
enum PairOrder: string
{
    case BySum = 'by-sum';
    case FromOne = 'from-one';
}
