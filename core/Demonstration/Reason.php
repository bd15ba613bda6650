<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** A law that a step rests on besides those of its lines, for whoever asks once more why. */
enum Reason: string
{
    case Formula = 'formula';
    case Synthetic = 'synthetic';
    case SquareOfSum = 'square-of-sum';
    case DifferenceOfSquares = 'difference-of-squares';
}
