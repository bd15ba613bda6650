<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Which letters stand in a node, and how often one of them does. */
final class Letters
{
    /** @return array<string, true> by name, in the order in which they are met */
    public static function of(Node $node): array
    {
        $letters = $node instanceof Letter ? [$node->name => true] : [];
        foreach ($node->children() as $child) {
            $letters += self::of($child);
        }

        return $letters;
    }

    public static function holds(Node $node, string $letter): bool
    {
        return self::count($node, $letter) > 0;
    }

    public static function count(Node $node, string $letter): int
    {
        $count = $node instanceof Letter && $node->name === $letter ? 1 : 0;
        foreach ($node->children() as $child) {
            $count += self::count($child, $letter);
        }

        return $count;
    }
}
