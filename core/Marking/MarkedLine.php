<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** A learner's line and what is said of it. */
final readonly class MarkedLine
{
    /**
     * @param string    $typed as it was typed
     * @param Node|null $node  what it says; null where it cannot be read, or says that there is no solution or that all
     *                         numbers are
     * @param bool      $holds whether it is still true to the problem
     * @param Message   $say   what a tutor is told
     * @param Message   $hint  what a learner is told, who is to find it
     * @param Node|null $shown the line with the place of the slip marked, where one can be singled out
     * @param int|null  $at    the character at which an unreadable line breaks, from 1
     */
    public function __construct(
        public string $typed,
        public ?Node $node,
        public LineVerdict $verdict,
        public bool $holds,
        public Message $say,
        public Message $hint,
        public ?Slip $slip = null,
        public ?int $at = null,
        public ?Difference $differs = null,
        public ?Node $shown = null,
    ) {}
}
