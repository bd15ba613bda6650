<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\Sides;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;

/** A side of a formula written as simply as it can be without anything being undone. */
final readonly class TidiedSide
{
    /** Like terms collected, and what stands above and below a line left out. */
    public static function of(Expression $side): Expression
    {
        $side = Sides::withoutOnes(Rewriter::everywhere($side, self::cancelled(...)));
        if (!$side instanceof Sum) {
            return $side;
        }
        $collected = Polynomial::tryFrom($side);

        return $collected !== null && \count($collected->terms) < \count($side->terms)
            ? $collected->toExpression()
            : $side;
    }

    /** A side on which what multiplies a fraction with letters below stands above its line. */
    public static function aboveTheLine(Expression $side): Expression
    {
        return Sum::of(array_map(static function (Expression $term): Expression {
            $fraction = self::overOneLine($term->bare());
            if ($fraction === null || Letters::of($fraction->denominator) === []) {
                return $term;
            }

            return $term instanceof Negative ? $fraction->negated() : $fraction;
        }, $side->terms()));
    }

    /** A fraction, also one among factors, without what stands above and below; null where nothing does. */
    private static function cancelled(Node $node): ?Expression
    {
        $fraction = $node instanceof Quotient ? $node : self::overOneLine($node);

        return $fraction === null ? null : Sides::cancelled($fraction->numerator, $fraction->denominator);
    }

    /** A product with fractions among its factors, as one fraction; null of what is none. */
    private static function overOneLine(Node $node): ?Quotient
    {
        $factors = $node instanceof Product ? $node->factors : [];
        $fractions = array_filter($factors, static fn(Expression $factor): bool => $factor instanceof Quotient);

        return $fractions === [] ? null : new Quotient(
            Sides::product(array_map(
                static fn(Expression $factor): Expression => $factor->above(),
                $factors,
            )),
            Sides::product(array_map(
                static fn(Quotient $fraction): Expression => $fraction->denominator,
                array_values($fractions),
            )),
        );
    }
}
