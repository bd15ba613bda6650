<?php

declare(strict_types=1);

namespace Runel\Marking;

/** What a line is to the line it is held against. */
enum Relation
{
    /** It says as much. */
    case Follows;
    /** It says as much, and lets in what does not solve the other, by a move that may do so. */
    case Adds;
    /** Of a formula: the square was undone with the positive root only, which what the letter stands for may allow. */
    case Positive;
    /** It lets in what does not solve the other, and no move does so. */
    case Invents;
    /** Whatever solves it solves the other, but not the other way round. */
    case Loses;
    case Breaks;
    case Undecided;

    /** Whether a line follows; null where that cannot be told. */
    public function holds(): ?bool
    {
        return match ($this) {
            self::Follows, self::Adds, self::Positive => true,
            self::Undecided => null,
            default => false,
        };
    }
}
