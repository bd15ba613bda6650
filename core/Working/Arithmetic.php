<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
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

    /**
     * Everything that can be worked out without waiting for something else: what holds no sum, and sums of numbers.
     *
     * @param bool $holdsSum whether there was a sum in it, which others have to wait for
     */
    private static function worked(Expression $expression, bool &$holdsSum = false): Expression
    {
        $holdsSum = false;
        if (self::isNumber($expression)) {
            return $expression;
        }
        $parts = [];
        $changed = false;
        $numbers = true;
        foreach ($expression->children() as $child) {
            if (!$child instanceof Expression) {
                return $expression;
            }
            $numbers = $numbers && self::isNumber($child);
            $inside = false;
            $part = self::worked($child, $inside);
            $holdsSum = $holdsSum || $inside;
            $changed = $changed || $part !== $child;
            $parts[] = $part;
        }
        $isSum = $expression instanceof Sum;
        if ($isSum ? $numbers : !$holdsSum) {
            $holdsSum = $isSum;

            return Numeral::of(Evaluation::rational($expression));
        }
        $holdsSum = true;

        $rebuilt = $changed ? $expression->withChildren($parts) : $expression;

        return $rebuilt instanceof Expression ? $rebuilt : $expression;
    }

    /** Whether it is a number as it is written: 7, −7, 7/3 or −7/3. */
    private static function isNumber(Expression $expression): bool
    {
        $bare = $expression->bare();
        if ($bare instanceof Numeral) {
            return true;
        }
        if (
            !$bare instanceof Quotient
            || !$bare->numerator instanceof Numeral
            || !$bare->denominator instanceof Numeral
        ) {
            return false;
        }
        $value = $bare->numerator->value->dividedBy($bare->denominator->value);

        return $value->numerator()->equals($bare->numerator->value)
            && $value->denominator()->equals($bare->denominator->value)
            && !$bare->denominator->value->isOne();
    }
}
