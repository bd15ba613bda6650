<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;

/** The wrong rules people use when they collect like terms. */
final class SumSlips
{
    /**
     * @param list<Term> $terms like terms, two or more
     *
     * @return list<LikelyWrong> none of them right, no two alike
     */
    public static function of(array $terms): array
    {
        $sum = Rational::zero();
        $sizes = Rational::zero();
        $monomial = Monomial::one();
        foreach ($terms as $term) {
            $sum = $sum->plus($term->coefficient);
            $sizes = $sizes->plus($term->coefficient->absolute());
            $monomial = $term->monomial;
        }
        $allMinus = $sum->isNegative() && $sum->absolute()->equals($sizes);
        $candidates = [
            [$sum->negated(), $monomial, $allMinus ? Slip::SignsIgnored : Slip::LargerSignLost],
            [$sizes, $monomial, Slip::SignsIgnored],
            [$sizes->negated(), $monomial, Slip::SignsIgnored],
            [$sum, $monomial->times($monomial), Slip::UnlikeTermsCollected],
        ];
        foreach ($terms as $term) {
            $candidates[] = [$sum->minus($term->coefficient), $monomial, Slip::TermMissed];
        }
        $wrong = [];
        foreach ($candidates as [$coefficient, $letters, $slip]) {
            $key = $coefficient . '|' . $letters->key;
            $isRight = $coefficient->equals($sum) && ($sum->isZero() || $letters->key === $monomial->key);
            if (!$isRight && !isset($wrong[$key])) {
                $wrong[$key] = new LikelyWrong(
                    (new Term($coefficient, $letters))->toExpression(),
                    $slip,
                    $slip === Slip::SignsIgnored && $allMinus ? 'both-minus' : null,
                );
            }
        }

        return array_values($wrong);
    }
}
