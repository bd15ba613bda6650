<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A sum of terms with roots, multiplied out, like ones together, in the order in which they first stand. */
final readonly class RadicalSum
{
    private const MOST_PRODUCTS = 40;

    /** @param list<RadicalTerm> $terms no two alike, none 0 */
    private function __construct(private array $terms) {}

    /**
     * @param int $parts a multiple of the index of every root in it
     *
     * @return self|null null where something else stands there, or too much
     */
    public static function of(Expression $whole, int $parts): ?self
    {
        $terms = [];
        foreach ($whole->terms() as $term) {
            $own = self::ofTerm($term->bare(), $parts);
            if ($own === null) {
                return null;
            }
            foreach ($own->terms as $one) {
                $terms[] = $term instanceof Negative ? $one->scaled(Rational::of(-1)) : $one;
            }
        }

        return self::ofTerms($terms);
    }

    /** Whether a root of a number is left whose index differs from those given. */
    public function mixesNumbers(int ...$indexes): bool
    {
        return array_filter(
            $this->terms,
            static fn(RadicalTerm $term): bool => $term->mixesNumbers(...$indexes),
        ) !== [];
    }

    public function toExpression(): Expression
    {
        return $this->terms === []
            ? Numeral::of(0)
            : Sum::of(array_map(static fn(RadicalTerm $term): Expression => $term->toExpression(), $this->terms));
    }

    /** As one fraction, where something stands below in several terms. */
    public function overOne(): Expression
    {
        $below = FactoredPolynomial::one();
        foreach ($this->terms as $term) {
            $own = Polynomial::tryFrom($term->below()->toExpression());
            $below = $own === null ? $below : $below->multiple(FactoredPolynomial::of($own));
        }
        $by = RadicalTerm::of($below->toExpression(), $this->terms[0]->parts ?? 1);
        if ($by === null || $below->isOne() || \count($this->terms) < 2) {
            return $this->toExpression();
        }
        $above = new self(array_map(
            static fn(RadicalTerm $term): RadicalTerm => $term->times($by),
            $this->terms,
        ));

        return new Quotient($above->toExpression(), $below->toExpression());
    }

    private static function ofTerm(Expression $term, int $parts): ?self
    {
        $plain = RadicalTerm::of($term, $parts);
        if ($plain !== null) {
            return self::ofTerms([$plain]);
        }
        if ($term instanceof Quotient) {
            $below = RadicalTerm::of($term->denominator, $parts)?->power(-1);

            return $below === null ? null : self::of($term->numerator, $parts)?->times(new self([$below]));
        }
        $product = null;
        foreach (RootFactors::of($term) ?? [] as $factor) {
            $own = $factor->equals($term) ? null : self::of($factor, $parts);
            $product = $product === null ? $own : ($own === null ? null : $product->times($own));
            if ($product === null) {
                return null;
            }
        }

        return $product;
    }

    private function times(self $other): ?self
    {
        if (\count($this->terms) * \count($other->terms) > self::MOST_PRODUCTS) {
            return null;
        }
        $products = [];
        foreach ($this->terms as $one) {
            foreach ($other->terms as $two) {
                $products[] = $one->times($two);
            }
        }

        return self::ofTerms($products);
    }

    /** @param list<RadicalTerm> $terms */
    private static function ofTerms(array $terms): self
    {
        $together = [];
        foreach ($terms as $term) {
            $place = \count($together);
            foreach ($together as $other => $one) {
                $place = $one->isLike($term) ? $other : $place;
            }
            $together[$place] = isset($together[$place]) ? $together[$place]->plus($term) : $term;
        }

        return new self(array_values(array_filter(
            $together,
            static fn(RadicalTerm $term): bool => !$term->isZero(),
        )));
    }
}
