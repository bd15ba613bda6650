<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** What a section of a demonstration is for. */
enum Phase: string
{
    case Reading = 'reading';
    case SettingUp = 'setting-up';
    case Dividing = 'dividing';
    case Isolating = 'isolating';
    case Compressing = 'compressing';
    case Multiplying = 'multiplying';
    case Collecting = 'collecting';
    case Hunting = 'hunting';
    case Completing = 'completing';
    case Tidying = 'tidying';
    case Discriminant = 'discriminant';
    case Writing = 'writing';
    case Solving = 'solving';
    case Finishing = 'finishing';
    case Twin = 'twin';
    case LeftSide = 'left-side';
    case RightSide = 'right-side';
}
