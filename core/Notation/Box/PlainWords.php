<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A connecting word, by its key: or. */
final readonly class PlainWords implements Box
{
    public function __construct(public string $key) {}
}
