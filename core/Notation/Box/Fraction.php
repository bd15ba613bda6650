<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** One piece over another. */
final readonly class Fraction implements Box
{
    public function __construct(public Box $numerator, public Box $denominator) {}
}
