<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A piece in brackets. */
final readonly class Fenced implements Box
{
    public function __construct(public Box $content) {}
}
