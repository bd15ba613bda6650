<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A number as it is written, without a sign. */
final readonly class Digits implements Box
{
    public function __construct(public string $digits) {}
}
