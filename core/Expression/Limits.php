<?php

declare(strict_types=1);

namespace Runel\Expression;

/** How much Runel takes on at once. Whatever is beyond is refused before any work is done on it. */
final class Limits
{
    /** Characters in one problem. */
    public const LENGTH = 400;
    /** Brackets, fractions and roots inside one another. */
    public const NESTING = 24;
    /** Digits in one number, typed or reached. */
    public const DIGITS = 40;
    /** Different letters in one problem: the proof follows them all at once. */
    public const LETTERS = 8;
    /** The degree of any polynomial met on the way. */
    public const DEGREE = 24;
    /** Terms in any polynomial met on the way. */
    public const TERMS = 60;
    /** Brackets multiplied in one problem, powers counted out. */
    public const FACTORS = 6;
}
