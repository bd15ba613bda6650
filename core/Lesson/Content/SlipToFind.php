<?php

declare(strict_types=1);

namespace Runel\Lesson\Content;

use Runel\Demonstration\Demonstration;
use Runel\Expression\Node;
use Runel\Lesson\ItemKind;
use Runel\Slip\Slip;

/** A page of work with one slip in it, which the learners find. */
final readonly class SlipToFind implements Content
{
    use AboutProblem;

    /**
     * @param list<Node> $lines behind the problem
     * @param int        $at    which of them is wrong, from 1
     */
    public function __construct(
        private Demonstration $demonstration,
        public Slip $slip,
        public array $lines,
        public int $at,
    ) {}

    public function kind(): ItemKind
    {
        return ItemKind::SlipToFind;
    }
}
