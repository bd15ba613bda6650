<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Holds the parts a node is rebuilt from to their number and kind. */
final class Parts
{
    /**
     * @param list<Node> $children
     *
     * @return list<Expression>
     */
    public static function expressions(array $children, int $count): array
    {
        return self::of(Expression::class, $children, $count);
    }

    /**
     * @template T of Node
     *
     * @param class-string<T> $kind
     * @param list<Node>      $children
     *
     * @return list<T>
     */
    public static function of(string $kind, array $children, int $count): array
    {
        $parts = [];
        foreach ($children as $child) {
            if ($child instanceof $kind) {
                $parts[] = $child;
            }
        }
        if (\count($parts) !== $count || \count($children) !== $count) {
            throw new \LogicException("$count parts of kind $kind are wanted here.");
        }

        return $parts;
    }
}
