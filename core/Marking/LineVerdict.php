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
    case Unreadable = 'unreadable';
}
