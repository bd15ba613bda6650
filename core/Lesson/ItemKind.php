<?php

declare(strict_types=1);

namespace Runel\Lesson;

/** What an item of a lesson is. */
enum ItemKind: string
{
    case Goal = 'goal';
    case Note = 'note';
    case Demonstration = 'demonstration';
    case YourTurn = 'your-turn';
    case TwoWays = 'two-ways';
    case Warning = 'warning';
    case Set = 'set';

    /** Whether it is the tutor's own words and nothing else. */
    public function isWords(): bool
    {
        return match ($this) {
            self::Goal, self::Note => true,
            self::Demonstration, self::YourTurn, self::TwoWays, self::Warning, self::Set => false,
        };
    }

    /** Whether it is about one problem. */
    public function hasProblem(): bool
    {
        return match ($this) {
            self::Demonstration, self::YourTurn, self::TwoWays, self::Warning => true,
            self::Goal, self::Note, self::Set => false,
        };
    }

    /** Whether the tutor writes it out, on the board or on a page. */
    public function isWritten(): bool
    {
        return match ($this) {
            self::Demonstration, self::TwoWays => true,
            self::Goal, self::Note, self::YourTurn, self::Warning, self::Set => false,
        };
    }
}
