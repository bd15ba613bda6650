<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Why a part is pointed at. */
final readonly class Mark
{
    private function __construct(public MarkKind $kind, public int $ink) {}

    /** This is what the step has just written. */
    public static function written(): self
    {
        return new self(MarkKind::Written, 0);
    }

    /** This is what the step worked from. */
    public static function used(): self
    {
        return new self(MarkKind::Used, 0);
    }

    /** This goes away against its opposite. */
    public static function cancels(): self
    {
        return new self(MarkKind::Cancels, 0);
    }

    /** Here something is missing that comes later: what it stands on counts as 0 until then. */
    public static function gap(): self
    {
        return new self(MarkKind::Gap, 0);
    }

    /** This letter is the one that is wanted. */
    public static function wanted(): self
    {
        return new self(MarkKind::Wanted, 0);
    }

    /** This cannot stay as it is: here a slip was made. */
    public static function doubted(): self
    {
        return new self(MarkKind::Doubted, 0);
    }

    /** @param int $ink the same number for everything of the same degree, from 0 */
    public static function ofDegree(int $ink): self
    {
        return new self(MarkKind::Degree, $ink);
    }
}
