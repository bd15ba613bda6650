<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Section;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Rewriter;

/** Where in a tree of forks a value is said: what is written about it later stands on the same branch. */
final readonly class SaidOn
{
    /**
     * @param list<Section> $sections
     * @param Branch|null   $else     where no fork says it as it is written; null for the trunk
     *
     * @return non-empty-list<Branch|null> each once, in the order of the work
     */
    public static function branches(array $sections, Equation $said, ?Branch $else): array
    {
        $branches = [];
        foreach (Section::steps($sections) as $step) {
            foreach ($step->lines as $line) {
                $node = Rewriter::unmarked($line->node);
                foreach ($node instanceof Alternatives ? $node->equations : [] as $place => $equation) {
                    if ($equation->equals($said)) {
                        $branch = $line->branch?->then($place + 1) ?? Branch::way($place + 1);
                        $branches[$branch->name()] = $branch;
                    }
                }
                if ($line->branch !== null && $node->equals($said)) {
                    $branches[$line->branch->name()] = $line->branch;
                }
            }
        }

        return array_values($branches) ?: [$else];
    }
}
