<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;

/** The wrong rules people use when they multiply two terms. */
final class ProductSlips
{
    /** @return list<LikelyWrong> none of them right, no two alike */
    public static function of(Term $left, Term $right): array
    {
        $product = $left->times($right);
        $wrong = [];
        foreach (self::candidates($left, $right, $product) as [$term, $slip]) {
            $key = $term->coefficient . '|' . $term->monomial->key;
            $right = $term->monomial->key === $product->monomial->key
                && $term->coefficient->equals($product->coefficient);
            if (!$right && !$term->isZero() && !isset($wrong[$key])) {
                $wrong[$key] = new LikelyWrong($term->toExpression(), $slip);
            }
        }

        return array_values($wrong);
    }

    /** @return iterable<array{Term, Slip}> */
    private static function candidates(Term $left, Term $right, Term $product): iterable
    {
        yield [$product->negated(), Slip::SignOfProduct];
        $multiplied = Monomial::one();
        $kept = Monomial::one();
        foreach ($product->monomial->exponents as $letter => $exponent) {
            $first = $left->monomial->degreeIn($letter);
            $second = $right->monomial->degreeIn($letter);
            $multiplied = $multiplied->times(
                Monomial::power($letter, $first > 0 && $second > 0 ? $first * $second : $exponent),
            );
            $kept = $kept->times(Monomial::power($letter, max($first, $second)));
        }
        yield [new Term($product->coefficient, $kept), Slip::ExponentsNotAdded];
        yield [new Term($product->coefficient, $multiplied), Slip::ExponentsMultiplied];
        foreach (array_keys($product->monomial->exponents) as $letter) {
            yield [new Term($product->coefficient, $product->monomial->without((string) $letter)), Slip::LetterDropped];
        }
        yield [new Term($product->coefficient, Monomial::one()), Slip::LetterDropped];
        yield [new Term($left->coefficient->plus($right->coefficient), $product->monomial), Slip::CoefficientsAdded];
        yield [new Term($product->coefficient->negated(), $kept), Slip::ExponentsNotAdded];
    }
}
