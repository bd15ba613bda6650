<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Line;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;

/** An expression of numbers worked out as on paper: what is multiplied first, then sums, inside before outside. */
final class Arithmetic
{
    /** Nested deeper than this, the rest is worked out at once. */
    private const ROUNDS = 6;

    /** @return non-empty-list<Line> each from the one before; the last ends in the value */
    public static function lines(Expression $written): array
    {
        $lines = [];
        $value = Numeral::of(Evaluation::rational($written));
        $reached = $written;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $next = self::worked($reached);
            if ($next === $reached || self::isNumber($next)) {
                break;
            }
            $lines[] = Line::side($reached, $next);
            $reached = $next;
        }
        $lines[] = Line::side($reached, $value);

        return $lines;
    }

    /** Everything that can be worked out without waiting for something else. */
    private static function worked(Expression $expression): Expression
    {
        return Rewriter::everywhere($expression, static function (Node $node): ?Node {
            if (!$node instanceof Expression || self::isNumber($node)) {
                return $node;
            }
            $ready = $node instanceof Sum
                ? array_filter($node->terms, static fn(Expression $term): bool => !self::isNumber($term)) === []
                : !self::holdsSum($node);

            return $ready ? Numeral::of(Evaluation::rational($node)) : null;
        });
    }

    private static function holdsSum(Node $node): bool
    {
        return $node instanceof Sum
            || array_filter($node->children(), static fn(Node $child): bool => self::holdsSum($child)) !== [];
    }

    /** Whether it is a number as it is written: 7, −7, 7/3 or −7/3. */
    private static function isNumber(Expression $expression): bool
    {
        $bare = $expression instanceof Negative ? $expression->operand : $expression;

        return $bare instanceof Numeral || ($bare instanceof Quotient
            && $bare->numerator instanceof Numeral && $bare->denominator instanceof Numeral
            && Numeral::of(Evaluation::rational($bare)) == $bare);
    }
}
