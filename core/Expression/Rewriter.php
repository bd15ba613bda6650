<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Rewrites trees: everywhere at once, or at one place at a time. */
final class Rewriter
{
    /** @var \WeakMap<Node, list<array{Node, list<int>}>>|null the places within trees */
    private static ?\WeakMap $places = null;

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
     * @param callable(Node): iterable<Node> $rule  what may stand in place of a node
     * @param class-string<Node>             ...$of only such places; left out, all
     *
     * @return iterable<Node>
     */
    public static function atEachPlace(Node $node, callable $rule, string ...$of): iterable
    {
        if ($of === [] || \in_array($node::class, $of, true)) {
            yield from $rule($node);
        }
        foreach (self::places($node) as [$part, $above]) {
            if ($of === [] || \in_array($part::class, $of, true)) {
                foreach ($rule($part) as $rewritten) {
                    yield self::replaced($node, $rewritten, $above);
                }
            }
        }
    }

    /**
     * The places within a tree: looked for once, since rules are many.
     *
     * @return list<array{Node, list<int>}> each with the children by which one comes to it
     */
    private static function places(Node $node): array
    {
        self::$places ??= new \WeakMap();
        if (!isset(self::$places[$node])) {
            $places = [];
            $left = [[$node, []]];
            while (($next = array_pop($left)) !== null) {
                [$part, $above] = $next;
                // The tree itself is not kept with what is kept for it: it could never be forgotten.
                if ($above !== []) {
                    $places[] = $next;
                }
                $children = $part->children();
                for ($place = \count($children) - 1; $place >= 0; --$place) {
                    $child = $children[$place];
                    if (!$child instanceof Numeral && !$child instanceof Letter) {
                        $left[] = [$child, [...$above, $place]];
                    }
                }
            }
            self::$places[$node] = $places;
        }

        return self::$places[$node];
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
