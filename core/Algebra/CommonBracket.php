<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** A sum with letters that stands as a factor in every one of several terms. */
final readonly class CommonBracket
{
    /** @param list<Expression> $left what each term is without it */
    private function __construct(public Sum $bracket, public array $left) {}

    /** @param list<Expression> $terms */
    public static function of(array $terms): ?self
    {
        foreach ($terms === [] ? [] : $terms[0]->bare()->factors() as $factor) {
            $base = $factor->bare() instanceof Power ? $factor->bare()->base : $factor->bare();
            if (!$base instanceof Sum || Letters::of($base) === []) {
                continue;
            }
            $left = array_filter(array_map(
                static fn(Expression $term): ?Expression => self::without($term, $base),
                $terms,
            ));
            if (\count($left) === \count($terms)) {
                return new self($base, array_values($left));
            }
        }

        return null;
    }

    /** A term with a bracket taken out of it once; null where it has none. */
    private static function without(Expression $term, Sum $bracket): ?Expression
    {
        if ($term instanceof Negative) {
            $inside = self::without($term->operand, $bracket);

            return $inside === null ? null : new Negative($inside);
        }
        $factors = $term->factors();
        foreach ($factors as $place => $factor) {
            $exponent = $factor instanceof Power && $factor->base->equals($bracket)
                ? $factor->exponent->number()?->toInt()
                : null;
            if ($exponent !== null && $exponent > 1) {
                $factors[$place] = $exponent === 2 ? $bracket : new Power($bracket, Numeral::of($exponent - 1));

                return Product::of($factors);
            }
            if ($factor->equals($bracket)) {
                unset($factors[$place]);

                return $factors === [] ? Numeral::of(1) : Product::of(array_values($factors));
            }
        }

        return null;
    }
}
