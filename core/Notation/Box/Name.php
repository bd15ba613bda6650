<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A letter. */
final readonly class Name implements Box
{
    public function __construct(public string $letter) {}
}
