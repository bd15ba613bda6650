<?php

declare(strict_types=1);

namespace Runel\Style;

/** Whether the square of half the middle coefficient is worked out. The first is the default. */
enum HalfSquared: string
{
    case Evaluate = 'evaluate';
    case Keep = 'keep';
    case Signed = 'signed';
}
