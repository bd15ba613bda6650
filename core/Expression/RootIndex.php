<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Integers;

/** The index of the roots under which letters stand. */
final class RootIndex
{
    /** Beyond this, no common index is looked for. */
    private const LARGEST = 24;

    /** The least common multiple of several; 1 where no letter stands under a root, or where it would be too large. */
    public static function of(Node $node): int
    {
        $node = $node instanceof Power ? FractionalPower::rooted($node) ?? $node : $node;
        $index = $node instanceof Root && Letters::of($node) !== [] ? $node->index : 1;
        foreach ($node->children() as $child) {
            $own = self::of($child);
            $index = Integers::lcm($index, $own);
        }

        return $index > self::LARGEST ? 1 : $index;
    }
}
