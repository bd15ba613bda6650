<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A number put in the place of a letter, everything else as it was written. */
final class Substitution
{
    public static function into(Expression $node, string $letter, Numeral $value): Expression
    {
        return match (true) {
            $node instanceof Letter => $node->name === $letter ? $value : $node,
            $node instanceof Sum => Sum::of(self::intoAll($node->terms, $letter, $value)),
            $node instanceof Product => Product::apart(self::intoAll($node->factors, $letter, $value)),
            $node instanceof Negative => new Negative(self::into($node->operand, $letter, $value)),
            $node instanceof Quotient => new Quotient(self::into($node->numerator, $letter, $value), self::into($node->denominator, $letter, $value)),
            $node instanceof Power => new Power(self::into($node->base, $letter, $value), self::into($node->exponent, $letter, $value)),
            $node instanceof Root => new Root(self::into($node->radicand, $letter, $value), $node->index),
            $node instanceof Marked => self::into($node->content, $letter, $value),
            default => $node,
        };
    }

    /**
     * @param list<Expression> $nodes
     *
     * @return list<Expression>
     */
    private static function intoAll(array $nodes, string $letter, Numeral $value): array
    {
        return array_map(static fn(Expression $part): Expression => self::into($part, $letter, $value), $nodes);
    }
}
