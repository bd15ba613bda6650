<?php

declare(strict_types=1);

namespace Runel\Expression;

/** A power with a fraction for an exponent, as the root it stands for. */
final class FractionalPower
{
    /** Larger indexes are not worked with. */
    private const LARGEST_INDEX = 24;

    /** The power of a root, below 1 where the exponent is negative; null of any other power. */
    public static function rooted(Power $power): ?Expression
    {
        if ($power->exponent instanceof Numeral && $power->exponent->value->isInteger()) {
            return null;
        }
        $exponent = $power->exponent->number();
        $index = $exponent === null || $exponent->isInteger() ? null : $exponent->denominator()->toInt();
        $times = $exponent?->absolute()->numerator()->toInt();
        if ($exponent === null || $index === null || $times === null || $index > self::LARGEST_INDEX) {
            return null;
        }
        $root = new Root($power->base, $index);
        $raised = $times === 1 ? $root : new Power($root, Numeral::of($times));

        return $exponent->isNegative() ? new Quotient(Numeral::of(1), $raised) : $raised;
    }

    /** Every such power in it as a root; null where there is none. */
    public static function everywhere(Expression $whole): ?Expression
    {
        $rooted = Rewriter::everywhere($whole, static fn(Node $node): ?Node
            => $node instanceof Power ? self::rooted($node) : null);

        return $rooted instanceof Expression && !$rooted->equals($whole) ? $rooted : null;
    }
}
