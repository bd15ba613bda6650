<?php

declare(strict_types=1);

namespace Runel\Expression;

/** An expression put in the place of a letter, everything else as it was written. */
final class Substitution
{
    /** Products are written apart, so that 3x becomes 3 · 5 and never 35. */
    public static function into(Expression $expression, string $letter, Expression $value): Expression
    {
        return Rewriter::everywhere($expression, static fn(Node $node): ?Node => match (true) {
            $node instanceof Letter => $node->name === $letter ? $value : $node,
            $node instanceof Marked => self::into($node->content, $letter, $value),
            $node instanceof Product => Product::apart(array_map(
                static fn(Expression $factor): Expression => self::into($factor, $letter, $value),
                $node->factors,
            )),
            default => null,
        });
    }
}
