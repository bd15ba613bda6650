<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

use Runel\Expression\Mark;

/** A piece that is pointed at. */
final readonly class Inked implements Box
{
    public function __construct(public Box $content, public Mark $mark) {}
}
