<?php

declare(strict_types=1);

namespace Runel\Lesson;

/** What an item of a lesson is, as it is chosen, kept and said. */
enum ItemKind: string
{
    case Goal = 'goal';
    case Note = 'note';
    case Demonstration = 'demonstration';
    case YourTurn = 'your-turn';
    case TwoWays = 'two-ways';
    case Warning = 'warning';
    case SlipToFind = 'slip-to-find';
    case Set = 'set';
}
