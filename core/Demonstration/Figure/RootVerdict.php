<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** What became of a candidate for a root. */
enum RootVerdict: string
{
    case Open = 'open';
    /** Passed over: the signs of the terms show that it is none. */
    case Sign = 'sign';
    /** Passed over: it lies beyond all roots. */
    case Beyond = 'beyond';
    case Fails = 'fails';
    case Fits = 'fits';
}
