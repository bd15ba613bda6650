<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Section;
use Runel\Message\Message;

/** What one way to factor adds to the common frame, and what it costs. */
final readonly class Work
{
    /**
     * @param list<Section> $sections
     * @param int           $trials    things looked at, the right one included
     * @param int           $products  single products worked out
     * @param bool          $fractions whether fractions turn up on this way
     */
    public function __construct(
        public array $sections,
        public int $trials,
        public int $products,
        public Message $advice,
        public bool $fractions = false,
    ) {}
}
