<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Terms of a sum are collected with the wrong sign, without looking at signs, with one missed, or though unlike. */
final readonly class CollectRule implements WrongRule
{
    use OfSlip;

    /** Longer sums are not collected in one go. */
    private const LONGEST = 12;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(
            fn(Node $node): iterable => $node instanceof Sum ? $this->at($node, $parts) : [],
            Sum::class,
        );
    }

    /** @return iterable<Node> */
    private function at(Sum $sum, LineParts $parts): iterable
    {
        $terms = [];
        foreach ($sum->terms as $place => $term) {
            $polynomial = $parts->polynomial($term);
            if ($polynomial !== null && \count($polynomial->terms) === 1) {
                $terms[$place] = $polynomial->terms[0];
            }
        }
        if (\count($terms) > self::LONGEST) {
            return;
        }
        if ($this->case === 'unlike' && \count($terms) === \count($sum->terms)) {
            yield from self::allTogether($terms);
        }
        foreach ($this->choices($terms) as $places) {
            $chosen = array_values(array_intersect_key($terms, array_flip($places)));
            foreach ($this->collected($chosen) as $wrong) {
                $rest = array_diff_key($sum->terms, array_flip($places));
                $rest[$places[0]] = $wrong->toExpression();
                ksort($rest);
                yield Sum::of(array_values($rest));
            }
        }
    }

    /**
     * 3x + 2y as 5xy: all numbers added, all letters beside one another.
     *
     * @param array<int, Term> $terms
     *
     * @return iterable<Expression>
     */
    private static function allTogether(array $terms): iterable
    {
        $sum = Rational::zero();
        $exponents = [];
        $kinds = [];
        foreach ($terms as $term) {
            $sum = $sum->plus($term->coefficient);
            $kinds[$term->monomial->key] = true;
            foreach ($term->monomial->exponents as $letter => $exponent) {
                $exponents[$letter] = max($exponents[$letter] ?? 0, $exponent);
            }
        }
        if (\count($kinds) > 1 && !$sum->isZero()) {
            yield (new Term($sum, Monomial::of($exponents)))->toExpression();
        }
    }

    /**
     * Which terms are collected: two of them, or all that are alike.
     *
     * @param array<int, Term> $terms by place
     *
     * @return iterable<non-empty-list<int>> places
     */
    private function choices(array $terms): iterable
    {
        $alike = [];
        foreach ($terms as $first => $term) {
            $alike[$term->monomial->key][] = $first;
            foreach (array_keys($terms) as $second) {
                if ($second > $first) {
                    yield [$first, $second];
                }
            }
        }
        foreach ($alike as $places) {
            if (\count($places) > 2) {
                yield $places;
            }
        }
    }

    /**
     * @param list<Term> $terms two or more
     *
     * @return iterable<Term>
     */
    private function collected(array $terms): iterable
    {
        $sum = Rational::zero();
        $sizes = Rational::zero();
        $highest = $terms[0]->monomial;
        $alike = true;
        foreach ($terms as $term) {
            $sum = $sum->plus($term->coefficient);
            $sizes = $sizes->plus($term->coefficient->absolute());
            $alike = $alike && $term->monomial->key === $terms[0]->monomial->key;
            $highest = $term->monomial->degree > $highest->degree ? $term->monomial : $highest;
        }
        $allMinus = $sum->isNegative() && $sum->absolute()->equals($sizes);
        $mixed = !$sum->absolute()->equals($sizes);
        yield from match ($this->slip) {
            Slip::LargerSignLost => $alike && !$allMinus ? self::terms($highest, $sum->negated()) : [],
            Slip::SignsIgnored => match (true) {
                !$alike || $allMinus !== ($this->case === 'both-minus') => [],
                $allMinus => self::terms($highest, $sizes),
                default => $mixed ? self::terms($highest, $sizes, $sizes->negated()) : [],
            },
            Slip::TermMissed => $alike ? self::missing($terms, $sum) : [],
            default => match (true) {
                $sum->isZero() || $alike === ($this->case === 'unlike') => [],
                $alike => self::terms($highest->times($highest), $sum),
                default => self::terms($highest, $sum),
            },
        };
    }

    /**
     * @param list<Term> $terms
     *
     * @return iterable<Term> the sum without one of them
     */
    private static function missing(array $terms, Rational $sum): iterable
    {
        foreach (\count($terms) > 2 ? $terms : [] as $term) {
            yield new Term($sum->minus($term->coefficient), $term->monomial);
        }
    }

    /** @return list<Term> */
    private static function terms(Monomial $monomial, Rational ...$coefficients): array
    {
        return array_map(
            static fn(Rational $coefficient): Term => new Term($coefficient, $monomial),
            array_values($coefficients),
        );
    }
}
