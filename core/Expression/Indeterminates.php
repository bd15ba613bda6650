<?php

declare(strict_types=1);

namespace Runel\Expression;

/** What keeps a node from being a number that can be worked out exactly: its letters, and π. */
final class Indeterminates
{
    /** @return array<string, true> by name, in the order in which they are met */
    public static function of(Node $node): array
    {
        $found = match (true) {
            $node instanceof Letter => [$node->name => true],
            $node instanceof Pi => [Pi::NAME => true],
            default => [],
        };
        foreach ($node->children() as $child) {
            $found += self::of($child);
        }

        return $found;
    }
}
