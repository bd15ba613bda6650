<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A piece under a root sign; index 2 is not written. */
final readonly class Radical implements Box
{
    public function __construct(public Box $radicand, public int $index) {}
}
