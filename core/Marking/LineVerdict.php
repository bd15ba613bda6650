<?php

declare(strict_types=1);

namespace Runel\Marking;

/** What a learner's line is, held against the learner's own line before. */
enum LineVerdict: string
{
    case Follows = 'follows';
    /** It follows from a line that was wrong: still good work. */
    case FollowsWrong = 'follows-wrong';
    case Wrong = 'wrong';
    case Same = 'same';
    case Side = 'side';
    case SideWrong = 'side-wrong';
    /** It can neither be shown to follow nor not to. Nothing is counted by it. */
    case Undecided = 'undecided';
    case Unreadable = 'unreadable';

    /** Whether it carries the work on: it says of the problem what it says, right or wrong. */
    public function isChain(): bool
    {
        return match ($this) {
            self::Follows, self::FollowsWrong, self::Wrong, self::Same, self::Undecided => true,
            self::Side, self::SideWrong, self::Unreadable => false,
        };
    }

    /** Whether it is wrong by itself. */
    public function isFault(): bool
    {
        return $this === self::Wrong || $this === self::SideWrong;
    }

    /** Whether it cannot stay as it is. */
    public function fails(): bool
    {
        return $this->isFault() || $this === self::Unreadable;
    }
}
