<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;

/** A problem made to order, with the demonstration by which it was judged. */
final readonly class Made
{
    /** @param SlippedPage|null $page of work on it with a slip, where one was wished */
    public function __construct(
        public string $problem,
        public Ladder $ladder,
        public Rung $rung,
        public Demonstration $demonstration,
        public ?SlippedPage $page = null,
    ) {}
}
