<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * A sum of terms in which square roots stand, of single terms and of sums, multiplied out, like ones together. Roots of
 * different sums stay side by side.
 */
final readonly class RootedSum
{
    private const INDEX = 2;
    private const MOST_PRODUCTS = 40;
    private const MOST_FACTORS = 4;

    /** @param list<array{RadicalTerm, array<string, Polynomial>}> $terms each with the sums under its other roots */
    private function __construct(private array $terms) {}

    /** @return self|null null where something else stands there, or too much */
    public static function of(Expression $whole): ?self
    {
        $terms = [];
        foreach ($whole->terms() as $term) {
            $own = self::ofTerm($term->bare());
            if ($own === null) {
                return null;
            }
            foreach ($own->terms as [$one, $roots]) {
                $terms[] = [$term instanceof Negative ? $one->scaled(Rational::of(-1)) : $one, $roots];
            }
        }

        return self::together($terms);
    }

    public function isZero(): bool
    {
        return $this->terms === [];
    }

    public function count(): int
    {
        return \count($this->terms);
    }

    /** @return list<Expression> the single products, each made simple, not collected; none where there are too many */
    public function singles(self $other): array
    {
        $singles = [];
        foreach ($this->terms as $one) {
            foreach ($other->terms as $two) {
                $singles[] = (new self([$one]))->times(new self([$two]))?->toExpression();
            }
        }

        return array_values(array_filter($singles));
    }

    public function times(self $other): ?self
    {
        if (\count($this->terms) * \count($other->terms) > self::MOST_PRODUCTS) {
            return null;
        }
        $terms = [];
        foreach ($this->terms as [$one, $roots]) {
            foreach ($other->terms as [$two, $others]) {
                // A root that meets itself leaves what stands under it.
                $freed = self::freed(array_values(array_intersect_key($roots, $others)));
                if ($freed === null) {
                    return null;
                }
                $left = array_diff_key($roots, $others) + array_diff_key($others, $roots);
                ksort($left);
                foreach ($freed->terms as [$term]) {
                    $terms[] = [$one->times($two)->times($term), $left];
                }
            }
        }

        return self::together($terms);
    }

    /** The polynomial it is; null where a root is left, or a letter stands below a line. */
    public function polynomial(): ?Polynomial
    {
        foreach ($this->terms as [$term, $roots]) {
            if ($roots !== [] || $term->index() > 1) {
                return null;
            }
        }

        return Polynomial::tryFrom($this->toExpression());
    }

    /** What all terms have outside of their roots, and a polynomial has as a factor, too. */
    public function common(FactoredPolynomial $other): FactoredPolynomial
    {
        foreach ($this->terms as [$term]) {
            $outside = Polynomial::tryFrom($term->outside()->toExpression());
            $other = $outside === null
                ? FactoredPolynomial::one()
                : FactoredPolynomial::of($outside)->common($other);
        }

        return $other;
    }

    /** @param FactoredPolynomial $common a single term that goes into all of it */
    public function over(FactoredPolynomial $common): self
    {
        $by = RadicalTerm::of($common->toExpression(), self::INDEX)?->power(-1)
            ?? throw new \LogicException('It was no single term.');

        return new self(array_map(
            static fn(array $term): array => [$term[0]->times($by), $term[1]],
            $this->terms,
        ));
    }

    /** Those with a plus first. */
    public function toExpression(): Expression
    {
        $written = array_map(static fn(array $term): Expression => self::written(...$term), $this->terms);
        usort($written, static fn(Expression $one, Expression $other): int => [$one instanceof Negative]
            <=> [$other instanceof Negative]);

        return $written === [] ? Numeral::of(0) : Sum::of($written);
    }

    /** @param array<string, Polynomial> $roots */
    private static function written(RadicalTerm $term, array $roots): Expression
    {
        if ($roots === []) {
            return $term->toExpression();
        }
        $own = $term->toExpression();
        $bare = $own->bare();
        $above = $bare->above();
        $factors = array_map(
            static fn(Polynomial $sum): Expression => new Root($sum->toExpression(), self::INDEX),
            array_values($roots),
        );
        $product = Product::withFront($above, ...$factors);
        $written = $bare->withAbove($product);

        return $written->signedLike($own);
    }

    private static function ofTerm(Expression $term): ?self
    {
        $product = self::one();
        foreach ($term->factors() as $factor) {
            $own = match (true) {
                $factor instanceof Sum => self::of($factor),
                $factor instanceof Root && $factor->radicand instanceof Sum => self::ofRoot($factor),
                $factor instanceof Power && $factor->base instanceof Sum => self::ofPower($factor),
                $factor instanceof Product && $factor !== $term => self::ofTerm($factor),
                default => self::ofSingle($factor),
            };
            $product = $own === null ? null : $product->times($own);
            if ($product === null) {
                return null;
            }
        }

        return $product;
    }

    private static function one(): self
    {
        return self::ofSingle(Numeral::of(1)) ?? throw new \LogicException('1 is a number.');
    }

    private static function ofSingle(Expression $factor): ?self
    {
        $term = RadicalTerm::of($factor, self::INDEX);

        return $term === null ? null : new self([[$term, []]]);
    }

    private static function ofPower(Power $power): ?self
    {
        $exponent = $power->wholeExponent() ?? 0;
        $base = $exponent < 1 || $exponent > self::MOST_FACTORS ? null : self::of($power->base);
        $product = $base;
        for ($times = 1; $times < $exponent && $base !== null; ++$times) {
            $product = $product?->times($base);
        }

        return $product;
    }

    private static function ofRoot(Root $root): ?self
    {
        $under = $root->index === self::INDEX ? Polynomial::tryFrom($root->radicand) : null;
        $one = RadicalTerm::of(Numeral::of(1), self::INDEX);

        return $under === null || $one === null || \count($under->terms) < 2
            ? null
            : new self([[$one, [self::key($under) => $under]]]);
    }

    private static function key(Polynomial $under): string
    {
        return implode(' ', array_map(
            static fn(Term $term): string => $term->coefficient . $term->monomial->key,
            $under->terms,
        ));
    }

    /** @param list<Polynomial> $under what stands under roots that meet themselves */
    private static function freed(array $under): ?self
    {
        $product = self::one();
        foreach ($under as $sum) {
            $own = self::of($sum->toExpression());
            $product = $own === null ? null : $product->times($own);
            if ($product === null) {
                return null;
            }
        }

        return $product;
    }

    /** @param list<array{RadicalTerm, array<string, Polynomial>}> $terms */
    private static function together(array $terms): self
    {
        $together = [];
        foreach ($terms as [$term, $roots]) {
            $place = \count($together);
            foreach ($together as $other => [$one, $own]) {
                $place = $one->isLike($term) && array_keys($own) === array_keys($roots) ? $other : $place;
            }
            $together[$place] = [isset($together[$place]) ? $together[$place][0]->plus($term) : $term, $roots];
        }

        return new self(array_values(array_filter(
            $together,
            static fn(array $term): bool => !$term[0]->isZero(),
        )));
    }
}
