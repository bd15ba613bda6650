<?php

declare(strict_types=1);

namespace Runel\Expression;

/** What stands somewhere in a node, the node itself included. */
final class Inside
{
    /** @param class-string<Node> $kind */
    public static function holds(Node $node, string $kind): bool
    {
        return self::some($node, static fn(Node $part): bool => $part instanceof $kind);
    }

    /** @param callable(Node): bool $is */
    public static function some(Node $node, callable $is): bool
    {
        if ($is($node)) {
            return true;
        }
        foreach ($node->children() as $child) {
            if (self::some($child, $is)) {
                return true;
            }
        }

        return false;
    }

    /** @param callable(Node): bool $is */
    public static function count(Node $node, callable $is): int
    {
        $count = $is($node) ? 1 : 0;
        foreach ($node->children() as $child) {
            $count += self::count($child, $is);
        }

        return $count;
    }
}
