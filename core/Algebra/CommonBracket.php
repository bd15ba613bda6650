<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\SameTerms;
use Runel\Expression\Sum;

/** A sum with letters that stands as a factor in every one of several terms. */
final readonly class CommonBracket
{
    /**
     * @param list<Expression> $terms    each with the sum in it
     * @param list<Expression> $left     what each term is without it
     * @param Sum|null         $opposite what stood in some terms, and was turned; null where nothing was
     * @param bool             $isEven   whether it stood only in even powers, whose sign does not turn
     */
    private function __construct(
        public Sum $bracket,
        public array $terms,
        public array $left,
        public ?Sum $opposite = null,
        public bool $isEven = false,
    ) {}

    /** @param list<Expression> $terms */
    public static function of(array $terms): ?self
    {
        foreach (self::brackets($terms[0] ?? null) as $bracket) {
            $left = self::left($terms, $bracket);
            if ($left !== null) {
                return new self($bracket, $terms, $left);
            }
            $opposite = self::opposite($terms, $bracket);
            $turned = $opposite === null ? [] : array_map(
                static fn(Expression $term): Expression => self::turned($term, $opposite, $bracket),
                $terms,
            );
            $left = $opposite === null ? null : self::left($turned, $bracket);
            if ($left !== null) {
                $isEven = array_filter(
                    array_map(static fn(Expression $term): int => self::exponent($term, $opposite), $terms),
                    static fn(int $exponent): bool => $exponent % 2 === 1,
                ) === [];

                return new self($bracket, $turned, $left, $opposite, $isEven);
            }
        }

        return null;
    }

    /**
     * The terms of a side of an equation; a sum that stands in parentheses on the other side is one of them as a whole.
     *
     * @return list<Expression> none where it is 0
     */
    public static function terms(Expression $side, Expression $other): array
    {
        $isWhole = $side instanceof Sum && Inside::some(
            $other,
            static fn(Node $part): bool => $part !== $other && $part instanceof Sum && $part->equals($side),
        );

        return match (true) {
            $side->isZero() => [],
            $isWhole => [$side],
            default => $side->terms(),
        };
    }

    /** @return list<Sum> */
    private static function brackets(?Expression $term): array
    {
        $brackets = [];
        foreach ($term?->bare()->factors() ?? [] as $factor) {
            $base = $factor->bare()->base();
            if ($base instanceof Sum && Letters::of($base) !== []) {
                $brackets[] = $base;
            }
        }

        return $brackets;
    }

    /**
     * @param list<Expression> $terms
     *
     * @return list<Expression>|null null where it does not stand in all of them
     */
    private static function left(array $terms, Sum $bracket): ?array
    {
        $left = array_filter(array_map(
            static fn(Expression $term): ?Expression => self::without($term, $bracket),
            $terms,
        ));

        return \count($left) === \count($terms) ? array_values($left) : null;
    }

    /**
     * The sum with every sign turned, where it stands in one of the terms.
     *
     * @param list<Expression> $terms
     */
    private static function opposite(array $terms, Sum $bracket): ?Sum
    {
        $turned = Sum::of(array_map(
            static fn(Expression $term): Expression => $term->negated(),
            $bracket->terms,
        ));
        foreach ($terms as $term) {
            foreach (self::brackets($term) as $own) {
                if (SameTerms::are($own, $turned)) {
                    return $own;
                }
            }
        }

        return null;
    }

    /** 0 where the sum is no factor of the term. */
    private static function exponent(Expression $term, Sum $sum): int
    {
        foreach ($term->bare()->factors() as $factor) {
            if ($factor->base()->equals($sum)) {
                return $factor->wholeExponent() ?? 0;
            }
        }

        return 0;
    }

    /** 3(2 − x) as −3(x − 2), and (2 − x)² as (x − 2)². */
    private static function turned(Expression $term, Sum $opposite, Sum $bracket): Expression
    {
        $factors = $term->bare()->factors();
        foreach ($factors as $place => $factor) {
            $exponent = self::exponent($factor, $opposite);
            if ($exponent > 0) {
                $factors[$place] = $factor instanceof Power ? new Power($bracket, $factor->exponent) : $bracket;
                $product = Product::of($factors);
                $isNegative = $term instanceof Negative !== ($exponent % 2 === 1);

                return $product->signed($isNegative);
            }
        }

        return $term;
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
                ? $factor->wholeExponent()
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
