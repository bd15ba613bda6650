<?php

declare(strict_types=1);

namespace App\Shelf;

use Runel\Demonstration\TaskReference;
use Runel\Expression\Node;

/** A problem on the shelf, ready to be shown; without mathematics, should it have become unreadable. */
final readonly class ShelfProblem
{
    public function __construct(
        public int $id,
        public TaskReference $reference,
        public ?Node $node,
        public string $note,
    ) {}
}
