<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** Pieces one after another. */
final readonly class Row implements Box
{
    /** @param list<Box> $boxes */
    public function __construct(public array $boxes) {}
}
