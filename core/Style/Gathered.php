<?php

declare(strict_types=1);

namespace Runel\Style;

/** On which side a quadratic equation is gathered. The first is the default. */
enum Gathered: string
{
    case Left = 'left';
    case Positive = 'positive';
}
