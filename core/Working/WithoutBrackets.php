<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Parts;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Style\Calculator;

/** What a calculator makes of a number when its outermost brackets are not keyed. */
final readonly class WithoutBrackets
{
    private function __construct(private Calculator $kind) {}

    /** Null where no brackets are needed. */
    public static function of(Expression $number, Calculator $kind): ?Expression
    {
        return (new self($kind))->read($number);
    }

    private function read(Expression $number): ?Expression
    {
        $own = match (true) {
            Keying::isOneNumber($number, $this->kind) => null,
            $number instanceof Quotient => $this->quotient($number->numerator, $number->denominator),
            $number instanceof Power => $this->power($number->base, $number->exponent),
            $number instanceof Root => $number->index === 2 ? $this->root($number->radicand) : null,
            $number instanceof Product => self::product($number),
            default => null,
        };
        if ($own !== null) {
            return $own;
        }
        $children = $number->children();
        foreach ($children as $place => $child) {
            $read = $child instanceof Expression ? $this->read($child) : null;
            if ($read !== null) {
                return Parts::expressions([$number->withChildren(array_values(array_replace(
                    $children,
                    [$place => $read],
                )))], 1)[0];
            }
        }

        return null;
    }

    private function quotient(Expression $above, Expression $below): ?Expression
    {
        return match (true) {
            $above instanceof Sum => self::last(
                $above,
                static fn(Expression $term): Expression => new Quotient($term, $below),
            ),
            $below instanceof Sum => self::first(
                $below,
                static fn(Expression $term): Expression => new Quotient($above, $term),
            ),
            $below instanceof Product => Product::apart([
                new Quotient($above, $below->factors[0]),
                ...\array_slice($below->factors, 1),
            ]),
            $below instanceof Quotient && !Keying::isOneNumber($below, $this->kind) => new Quotient(
                new Quotient($above, $below->numerator),
                $below->denominator,
            ),
            default => null,
        };
    }

    private function power(Expression $base, Expression $exponent): ?Expression
    {
        $raised = static fn(Expression $part): Expression => new Power($part, $exponent);
        if ($base instanceof Negative && ($this->kind === Calculator::FractionKey || $base->operand instanceof Sum)) {
            return new Negative($raised($base->operand));
        }

        $isSigned = $base instanceof Negative && $base->operand instanceof Numeral;

        return $isSigned ? null : $this->lastNumber($base, $raised);
    }

    /** A key for the root that comes first takes the first part only, one that comes last the last. */
    private function root(Expression $radicand): ?Expression
    {
        $rooted = static fn(Expression $part): Expression => new Root($part);

        return $this->kind === Calculator::FractionKey
            ? $this->firstNumber($radicand, $rooted)
            : $this->lastNumber($radicand, $rooted);
    }

    /**
     * What a key takes that comes after several numbers; null where there is one alone.
     *
     * @param \Closure(Expression): Expression $change
     */
    private function lastNumber(Expression $number, \Closure $change): ?Expression
    {
        $inner = fn(Expression $part): Expression => $this->lastNumber($part, $change) ?? $change($part);

        return match (true) {
            Keying::isOneNumber($number, $this->kind) => null,
            $number instanceof Sum => self::last($number, $inner),
            $number instanceof Product => Product::apart(self::lastOf($number->factors, $inner)),
            $number instanceof Quotient => new Quotient($number->numerator, $inner($number->denominator)),
            $number instanceof Negative && $number->operand instanceof Quotient => new Quotient(
                new Negative($number->operand->numerator),
                $inner($number->operand->denominator),
            ),
            default => null,
        };
    }

    /** @param \Closure(Expression): Expression $change */
    private function firstNumber(Expression $number, \Closure $change): ?Expression
    {
        $inner = fn(Expression $part): Expression => $this->firstNumber($part, $change) ?? $change($part);

        return match (true) {
            Keying::isOneNumber($number, $this->kind) => null,
            $number instanceof Sum => self::first($number, $inner),
            $number instanceof Product => Product::apart([
                $inner($number->factors[0]),
                ...\array_slice($number->factors, 1),
            ]),
            $number instanceof Quotient => new Quotient($inner($number->numerator), $number->denominator),
            default => null,
        };
    }

    /** A sum behind another factor: only its first term is multiplied. */
    private static function product(Product $product): ?Expression
    {
        foreach ($product->factors as $place => $factor) {
            if ($place > 0 && $factor instanceof Sum) {
                return Sum::of([self::first($factor, static fn(Expression $term): Expression => Product::apart([
                    ...\array_slice($product->factors, 0, $place),
                    $term,
                ]))]);
            }
        }

        return null;
    }

    /** @param \Closure(Expression): Expression $change */
    private static function first(Sum $sum, \Closure $change): Expression
    {
        return Sum::of([$change($sum->terms[0]), ...\array_slice($sum->terms, 1)]);
    }

    /** @param \Closure(Expression): Expression $change */
    private static function last(Sum $sum, \Closure $change): Expression
    {
        return Sum::of(self::lastOf($sum->terms, static fn(Expression $term): Expression => $term instanceof Negative
            ? new Negative($change($term->operand))
            : $change($term)));
    }

    /**
     * @param list<Expression>                 $parts
     * @param \Closure(Expression): Expression $change
     *
     * @return list<Expression>
     */
    private static function lastOf(array $parts, \Closure $change): array
    {
        $last = array_pop($parts);

        return $last === null ? [] : [...$parts, $change($last)];
    }
}
