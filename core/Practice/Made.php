<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;

/** A problem made to order, with the demonstration by which it was judged. */
final readonly class Made
{
    public function __construct(
        public string $problem,
        public Ladder $ladder,
        public Rung $rung,
        public Demonstration $demonstration,
    ) {}
}
