<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Whether two trees are written with the same signs in the same order: marks, and how factors are grouped, aside. */
final class Same
{
    public static function nodes(Node $one, Node $other): bool
    {
        [$one, $other] = [self::shown($one), self::shown($other)];
        if ($one === $other) {
            return true;
        }
        if ($one::class !== $other::class) {
            return false;
        }
        if ($one instanceof Numeral && $other instanceof Numeral) {
            return $one->decimal === $other->decimal && $one->value->equals($other->value);
        }
        if ($one instanceof Letter && $other instanceof Letter) {
            return $one->name === $other->name;
        }
        if ($one instanceof Root && $other instanceof Root && $one->index !== $other->index) {
            return false;
        }
        [$parts, $others] = [self::parts($one), self::parts($other)];
        if (\count($parts) !== \count($others)) {
            return false;
        }
        foreach ($parts as $place => $part) {
            if (!self::nodes($part, $others[$place])) {
                return false;
            }
        }

        return true;
    }

    private static function shown(Node $node): Node
    {
        while ($node instanceof Marked) {
            $node = $node->content;
        }

        return $node;
    }

    /** @return list<Node> of a product all factors, those of factors that are products, too */
    private static function parts(Node $node): array
    {
        if (!$node instanceof Product) {
            return $node->children();
        }
        $parts = [];
        foreach ($node->factors as $factor) {
            $factor = self::shown($factor);
            array_push($parts, ...($factor instanceof Product ? self::parts($factor) : [$factor]));
        }

        return $parts;
    }
}
