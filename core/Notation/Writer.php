<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Notation\Box\Box;

/** Writes arranged mathematics in one notation. */
interface Writer
{
    public function write(Box $box): string;
}
