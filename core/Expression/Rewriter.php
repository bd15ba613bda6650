<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Rewrites trees: everywhere at once, or at one place at a time. */
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
     * Every tree in which the rule was followed at exactly one place, outer places first. A letter or a number within
     * is no place: it has no parts that could be put otherwise.
     *
     * @param callable(Node): iterable<Node> $rule what may stand in place of a node
     *
     * @return iterable<Node>
     */
    public static function atEachPlace(Node $node, callable $rule): iterable
    {
        // A stack in place of recursion: rules are many, and so are places.
        $left = [[$node, []]];
        while (($next = array_pop($left)) !== null) {
            [$part, $above] = $next;
            foreach ($rule($part) as $rewritten) {
                yield self::replaced($node, $rewritten, $above);
            }
            $children = $part->children();
            for ($place = \count($children) - 1; $place >= 0; --$place) {
                $child = $children[$place];
                if (!$child instanceof Numeral && !$child instanceof Letter) {
                    $left[] = [$child, [...$above, $place]];
                }
            }
        }
    }

    /**
     * The whole tree with another part at one place.
     *
     * @param list<int> $above by which children one comes to it
     */
    private static function replaced(Node $node, Node $part, array $above): Node
    {
        if ($above === []) {
            return $part;
        }
        $place = array_shift($above);
        $children = $node->children();
        $children[$place] = self::replaced($children[$place], $part, $above);

        return $node->withChildren(array_values($children));
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
