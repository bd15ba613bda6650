<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Two fractions: added across, or above as they are; or multiplied across an equals sign, the first terms only. */
final readonly class AcrossRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($this->slip === Slip::FractionsAddedAcross) {
            $across = $this->case === 'tops' ? self::tops(...) : self::added(...);
            yield from $parts->atEachPlace(static fn(Node $node): iterable => $node instanceof Sum
                ? $across($node->terms)
                : [], Sum::class);
        } elseif ($line instanceof Equation && $line->left instanceof Quotient && $line->right instanceof Quotient) {
            yield new Equation(
                self::first($line->left->numerator, $line->right->denominator),
                self::first($line->right->numerator, $line->left->denominator),
            );
        }
    }

    /**
     * @param list<Expression> $terms
     *
     * @return iterable<Expression>
     */
    private static function added(array $terms): iterable
    {
        foreach ($terms as $place => $term) {
            $next = $terms[$place + 1] ?? null;
            if ($term instanceof Quotient && $next instanceof Quotient) {
                yield Sum::of([
                    ...\array_slice($terms, 0, $place),
                    new Quotient(
                        Sum::of([$term->numerator, $next->numerator]),
                        Sum::of([$term->denominator, $next->denominator]),
                    ),
                    ...\array_slice($terms, $place + 2),
                ]);
            }
        }
    }

    /**
     * The numerators as they are over a common denominator: over the product of both, or over either.
     *
     * @param list<Expression> $terms
     *
     * @return iterable<Expression>
     */
    private static function tops(array $terms): iterable
    {
        foreach ($terms as $place => $term) {
            $next = $terms[$place + 1] ?? null;
            $size = $next?->bare();
            if (!$term instanceof Quotient || !$size instanceof Quotient
                || $term->denominator->equals($size->denominator)) {
                continue;
            }
            $top = $next instanceof Negative ? new Negative($size->numerator) : $size->numerator;
            $belows = [
                Product::of([$term->denominator, $size->denominator]),
                $term->denominator,
                $size->denominator,
            ];
            foreach ($belows as $below) {
                yield Sum::of([
                    ...\array_slice($terms, 0, $place),
                    new Quotient(Sum::of([$term->numerator, $top]), $below),
                    ...\array_slice($terms, $place + 2),
                ]);
            }
        }
    }

    /** The first term times something, the others as they are. */
    private static function first(Expression $side, Expression $by): Expression
    {
        $terms = $side->terms();
        $terms[0] = Product::of([$by, $terms[0]]);

        return Sum::of($terms);
    }
}
