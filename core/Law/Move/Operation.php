<?php

declare(strict_types=1);

namespace Runel\Law\Move;

/** What can be done to both sides. */
enum Operation: string
{
    case Add = 'add';
    case Subtract = 'subtract';
    case Multiply = 'multiply';
    case Divide = 'divide';
}
