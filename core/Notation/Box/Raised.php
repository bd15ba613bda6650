<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A piece with an exponent. */
final readonly class Raised implements Box
{
    public function __construct(public Box $base, public Box $exponent) {}
}
