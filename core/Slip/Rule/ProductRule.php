<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Two factors are multiplied, all at once or term by term, with one of the slips people make there. */
final readonly class ProductRule implements WrongRule
{
    use OfSlip;

    /** Up to this many single products, each is asked whether it was missed. */
    private const FEW = 4;
    /** Up to this many, each is asked whether it went wrong. */
    private const SOME = 12;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(
            fn(Node $node): iterable => $this->at($node, $parts),
            Power::class,
            Product::class,
        );
    }

    /** @return iterable<Node> */
    private function at(Node $node, LineParts $parts): iterable
    {
        $exponent = $node instanceof Power && $node->exponent instanceof Numeral
            ? $node->exponent->value->toInt()
            : null;
        $factors = match (true) {
            $node instanceof Power && $exponent === 2 && !$node->base instanceof Letter => [$node->base, $node->base],
            $node instanceof Product => self::grouped($node),
            default => [],
        };
        if ($this->slip === Slip::DoubleProductForgotten && $node instanceof Product && $node->apart) {
            $two = $factors[0] instanceof Numeral && $factors[0]->value->equals(Rational::of(2));
            yield from $two && \count($factors) > 2 ? [Product::of(\array_slice($factors, 1))] : [];
        }
        for ($place = 0; $place + 1 < \count($factors); ++$place) {
            [$left, $right] = [$parts->polynomial($factors[$place]), $parts->polynomial($factors[$place + 1])];
            if ($left === null || $right === null || $left->isZero() || $right->isZero()) {
                continue;
            }
            foreach ($this->products($left, $right) as $wrong) {
                $rest = $factors;
                array_splice($rest, $place, 2, [$wrong->toExpression()]);
                yield Product::of($rest);
            }
        }
    }

    /** @return list<Expression> what stands before parentheses as one factor, each pair of parentheses as another */
    private static function grouped(Product $product): array
    {
        if ($product->apart) {
            return $product->factors;
        }
        $groups = [];
        $run = [];
        foreach ($product->factors as $factor) {
            if ($factor instanceof Sum || $factor instanceof Power && $factor->base instanceof Sum) {
                $groups = [...$groups, ...($run === [] ? [] : [Product::of($run)]), $factor];
                $run = [];
            } else {
                $run[] = $factor;
            }
        }

        return [...$groups, ...($run === [] ? [] : [Product::of($run)])];
    }

    /** @return iterable<Polynomial> */
    private function products(Polynomial $left, Polynomial $right): iterable
    {
        return match ($this->slip) {
            Slip::DoubleProductForgotten => $left->equals($right) ? self::undoubled($left) : [],
            Slip::TermMissed => self::missed($left, $right),
            Slip::MinusNotCarried => self::minusLeft($left, $right),
            Slip::UnlikeTermsCollected => [self::runTogether($left->times($right))],
            default => $this->eachSlipped($left, $right),
        };
    }

    /** @return iterable<Polynomial> a square without its double product, or with it once */
    private static function undoubled(Polynomial $base): iterable
    {
        if (\count($base->terms) !== 2) {
            return;
        }
        [$first, $second] = $base->terms;
        $squares = Polynomial::ofTerms([$first->times($first), $second->times($second)]);
        yield $squares;
        yield Polynomial::ofTerms([$first->times($first), $second->times($second)->negated()]);
        yield $squares->plus(Polynomial::ofTerms([$first->times($second)]));
    }

    /** @return iterable<Polynomial> only the ends multiplied, or one single product left out */
    private static function missed(Polynomial $left, Polynomial $right): iterable
    {
        $singles = self::singles($left, $right);
        if (\count($left->terms) === 2 && \count($right->terms) === 2) {
            yield Polynomial::ofTerms([$singles[0], $singles[3]]);
        }
        // Of many products any one could be missed: that says nothing, and is found by comparing.
        foreach (\count($singles) <= self::FEW && \count($singles) > 1 ? array_keys($singles) : [] as $place) {
            $rest = $singles;
            unset($rest[$place]);
            yield Polynomial::ofTerms(array_values($rest));
        }
    }

    /** @return iterable<Polynomial> the minus of a single term reaches the first product only */
    private static function minusLeft(Polynomial $left, Polynomial $right): iterable
    {
        $singles = self::singles($left, $right);
        if (\count($left->terms) === 1 && \count($singles) > 1 && $left->terms[0]->coefficient->isNegative()) {
            yield Polynomial::ofTerms([$singles[0], ...array_map(
                static fn(Term $term): Term => $term->negated(),
                \array_slice($singles, 1),
            )]);
        }
    }

    /** All coefficients run together in front of all letters, as 5x² for 2x + 3x. */
    private static function runTogether(Polynomial $product): Polynomial
    {
        $sum = Rational::zero();
        $monomial = Monomial::one();
        foreach ($product->terms as $term) {
            $sum = $sum->plus($term->coefficient);
            $monomial = $monomial->times($term->monomial);
        }

        return Polynomial::ofTerms([new Term($sum, $monomial)]);
    }

    /** @return iterable<Polynomial> one single product gone wrong, or all of them in the same way */
    private function eachSlipped(Polynomial $left, Polynomial $right): iterable
    {
        $singles = self::singles($left, $right);
        if (\count($singles) > self::SOME) {
            return;
        }
        $all = [];
        foreach ($left->terms as $row => $one) {
            foreach ($right->terms as $column => $other) {
                $place = $row * \count($right->terms) + $column;
                foreach ($this->terms($one, $other, $singles[$place]) as $number => $wrong) {
                    $slipped = $singles;
                    $slipped[$place] = $wrong;
                    yield Polynomial::ofTerms($slipped);
                    $all[$number][$place] = $wrong;
                }
            }
        }
        foreach (\count($singles) > 1 ? $all : [] as $slipped) {
            yield Polynomial::ofTerms(array_values($slipped + $singles));
        }
    }

    /** @return list<Term> what a single product becomes, the likeliest first */
    private function terms(Term $left, Term $right, Term $product): array
    {
        $terms = match ($this->slip) {
            Slip::SignOfProduct => [$product->negated()],
            Slip::ExponentsNotAdded => self::kept($left, $right, $product),
            Slip::ExponentsMultiplied => [self::multiplied($left, $right, $product)],
            Slip::LetterDropped => [...array_map(
                static fn(string|int $letter): Term => new Term(
                    $product->coefficient,
                    $product->monomial->without((string) $letter),
                ),
                array_keys($product->monomial->exponents),
            ), new Term($product->coefficient, Monomial::one())],
            // Nobody adds a 1 that is not written.
            Slip::CoefficientsAdded => $left->coefficient->absolute()->isOne()
                || $right->coefficient->absolute()->isOne()
                ? []
                : [new Term($left->coefficient->plus($right->coefficient), $product->monomial)],
            default => [],
        };

        return array_values(array_filter($terms, static fn(Term $term): bool => !$term->isZero()
            && ($term->monomial->key !== $product->monomial->key
                || !$term->coefficient->equals($product->coefficient))));
    }

    /** @return list<Term> the larger of two exponents kept, with the right sign and with the other */
    private static function kept(Term $left, Term $right, Term $product): array
    {
        $kept = Monomial::one();
        foreach (array_keys($product->monomial->exponents) as $letter) {
            $kept = $kept->times(Monomial::power((string) $letter, max(
                $left->monomial->degreeIn((string) $letter),
                $right->monomial->degreeIn((string) $letter),
            )));
        }

        return [new Term($product->coefficient, $kept), new Term($product->coefficient->negated(), $kept)];
    }

    private static function multiplied(Term $left, Term $right, Term $product): Term
    {
        $multiplied = Monomial::one();
        foreach ($product->monomial->exponents as $letter => $exponent) {
            $first = $left->monomial->degreeIn((string) $letter);
            $second = $right->monomial->degreeIn((string) $letter);
            $multiplied = $multiplied->times(Monomial::power(
                (string) $letter,
                $first > 0 && $second > 0 ? $first * $second : $exponent,
            ));
        }

        return new Term($product->coefficient, $multiplied);
    }

    /** @return list<Term> row by row */
    private static function singles(Polynomial $left, Polynomial $right): array
    {
        $singles = [];
        foreach ($left->terms as $one) {
            foreach ($right->terms as $other) {
                $singles[] = $one->times($other);
            }
        }

        return $singles;
    }
}
