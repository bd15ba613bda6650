<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Rewrites trees everywhere at once. */
final class Rewriter
{
    /**
     * Where the rule gives a node, it stands in place of the old one; elsewhere the parts are rewritten.
     *
     * @template T of Node
     *
     * @param T                     $node
     * @param callable(Node): ?Node $rule
     *
     * @return T
     */
    public static function everywhere(Node $node, callable $rule): Node
    {
        $rewritten = $rule($node);
        if ($rewritten === null) {
            $children = $node->children();
            $parts = array_map(static fn(Node $child): Node => self::everywhere($child, $rule), $children);
            $rewritten = $parts === $children ? $node : $node->withChildren($parts);
        }

        /** @var T $rewritten the rule answers for the kind */
        return $rewritten;
    }

    /**
     * The tree without any marks.
     *
     * @template T of Node
     *
     * @param T $tree
     *
     * @return T
     */
    public static function unmarked(Node $tree): Node
    {
        return self::everywhere(
            $tree,
            static fn(Node $node): ?Node => $node instanceof Marked ? self::unmarked($node->content) : null,
        );
    }
}
