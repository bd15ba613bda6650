<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Section;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;

/** Where in a tree of forks a value is said: what is written about it later stands on the same branch. */
final readonly class SaidOn
{
    /**
     * @param list<Section> $sections
     *
     * @return non-empty-list<Branch|null> each once, in the order of the work; the trunk alone where no fork says it
     */
    public static function branches(array $sections, Equation $said): array
    {
        $branches = [];
        foreach (Section::steps($sections) as $step) {
            foreach ($step->lines as $line) {
                foreach ($line->node instanceof Alternatives ? $line->node->equations : [] as $place => $equation) {
                    if ($equation->equals($said)) {
                        $branch = $line->branch?->then($place + 1) ?? Branch::way($place + 1);
                        $branches[$branch->name()] = $branch;
                    }
                }
                if ($line->branch !== null && $line->node->equals($said)) {
                    $branches[$line->branch->name()] = $line->branch;
                }
            }
        }

        return array_values($branches) ?: [null];
    }
}
