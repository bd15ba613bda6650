<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;

/** A product in which fractions stand, or the power of one, as one fraction. */
final class OneFraction
{
    /**
     * Above times above, below times below, nothing multiplied out but numbers below; null where no fraction stands.
     */
    public static function of(Expression $term): ?Quotient
    {
        $above = [];
        $below = [];
        $holdsFraction = false;
        foreach ($term instanceof Quotient ? [] : self::factors($term) as $factor) {
            $times = $factor->wholeExponent() ?? 0;
            $base = $factor->base();
            if (!$base instanceof Quotient || $times < 1) {
                $above[] = $factor;
                continue;
            }
            $holdsFraction = true;
            $raised = static fn(Expression $part): Expression => $times === 1
                ? $part
                : new Power($part, Numeral::of($times));
            $above[] = $raised($base->numerator);
            $number = $base->denominator->number();
            $below[] = $number === null ? $raised($base->denominator) : Numeral::of($number->power($times));
        }
        if (!$holdsFraction) {
            return null;
        }
        $written = array_filter($above, static fn(Expression $factor): bool => !$factor->isOne());

        return new Quotient(Product::of(array_values($written)), self::numbersTogether($below));
    }

    /** @return list<Expression> the power of a product factor by factor */
    private static function factors(Expression $term): array
    {
        $factors = [];
        foreach ($term->factors() as $factor) {
            $isPower = $factor instanceof Power && $factor->base instanceof Product;
            array_push($factors, ...($isPower ? array_map(
                static fn(Expression $own): Expression => new Power($own, $factor->exponent),
                $factor->base->factors,
            ) : [$factor]));
        }

        return $factors;
    }

    /** @param list<Expression> $factors */
    private static function numbersTogether(array $factors): Expression
    {
        $number = null;
        $others = [];
        foreach ($factors as $factor) {
            $own = $factor->number();
            if ($own === null) {
                $others[] = $factor;
            } else {
                $number = $number === null ? $own : $number->times($own);
            }
        }

        return Product::of($number === null || ($number->isOne() && $others !== [])
            ? $others
            : [Numeral::of($number), ...$others]);
    }
}
