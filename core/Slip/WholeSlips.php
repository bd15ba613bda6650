<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** The wrong rules people use when they multiply two polynomials in one go. */
final class WholeSlips
{
    /** Up to this many single products, each is asked whether it was missed. */
    private const FEW = 4;

    /** @return list<LikelyWrong> none of them right, no two alike */
    public static function of(Polynomial $left, Polynomial $right): array
    {
        $product = $left->times($right);
        $seen = [$product];
        $wrong = [];
        foreach (self::candidates($left, $right, $product) as [$polynomial, $slip]) {
            $known = array_filter($seen, static fn(Polynomial $other): bool => $other->equals($polynomial));
            if ($known === [] && !$polynomial->isZero()) {
                $seen[] = $polynomial;
                $wrong[] = new LikelyWrong($polynomial->toExpression(), $slip);
            }
        }

        return $wrong;
    }

    /** @return iterable<array{Polynomial, Slip}> the likeliest first */
    private static function candidates(Polynomial $left, Polynomial $right, Polynomial $product): iterable
    {
        $square = $left->equals($right);
        if (\count($left->terms) === 2 && \count($right->terms) === 2) {
            [$first, $second] = $left->terms;
            [$third, $fourth] = $right->terms;
            $ends = Polynomial::ofTerms([$first->times($third), $second->times($fourth)]);
            yield [$ends, $square ? Slip::DoubleProductForgotten : Slip::TermMissed];
            if ($square) {
                yield [Polynomial::ofTerms([
                    $first->times($third),
                    $second->times($fourth)->negated(),
                ]), Slip::DoubleProductForgotten];
                yield [$ends->plus(Polynomial::ofTerms([$first->times($second)])), Slip::DoubleProductForgotten];
            }
        }
        // Of many products any one could be missed: that says nothing, and is found by comparing.
        $few = \count($left->terms) * \count($right->terms) <= self::FEW;
        foreach ($few ? $left->terms : [] as $one) {
            foreach ($right->terms as $other) {
                $single = $one->times($other);
                yield [$product->minus(Polynomial::ofTerms([$single])), Slip::TermMissed];
                yield [$product->minus(self::twice($single)), Slip::SignOfProduct];
            }
        }
        if ($left->terms[0]->coefficient->isNegative() && \count($left->terms) === 1) {
            // The minus in front reached only the first term.
            $tail = Polynomial::ofTerms(\array_slice($product->terms, 1));
            yield [$product->minus($tail)->plus($tail->negated()), Slip::MinusNotCarried];
        }
        yield [self::collectedUnlike($product), Slip::UnlikeTermsCollected];
    }

    private static function twice(Term $term): Polynomial
    {
        return Polynomial::ofTerms([new Term($term->coefficient->times(Rational::of(2)), $term->monomial)]);
    }

    /** All coefficients run together in front of all letters, as 5x² for 2x + 3x. */
    private static function collectedUnlike(Polynomial $product): Polynomial
    {
        $sum = Rational::zero();
        $monomial = Monomial::one();
        foreach ($product->terms as $term) {
            $sum = $sum->plus($term->coefficient);
            $monomial = $monomial->times($term->monomial);
        }

        return Polynomial::ofTerms([new Term($sum, $monomial)]);
    }
}
