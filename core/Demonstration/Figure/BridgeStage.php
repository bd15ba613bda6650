<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** How far a long division has been struck down to a tableau. */
enum BridgeStage: string
{
    case Whole = 'whole';
    /** The first term of each product repeats the one above it. */
    case Leading = 'leading';
    /** What was brought down stands in the dividend already. */
    case Down = 'down';
    /** The quotient stands in front of each remaining row. */
    case Quotient = 'quotient';
    /** The columns tell the powers. */
    case Letters = 'letters';
    /** The lines are pressed together. */
    case Pressed = 'pressed';
    /** The corner's sign is turned, and subtracting becomes adding. */
    case Turned = 'turned';

    public function hasReached(self $stage): bool
    {
        return array_search($this, self::cases(), true) >= array_search($stage, self::cases(), true);
    }
}
