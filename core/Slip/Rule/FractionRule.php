<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A fraction of which only a part is divided, whose bars are mixed up, or in which single terms are cancelled. */
final readonly class FractionRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(fn(Node $node): iterable => $node instanceof Quotient
            ? match ($this->slip) {
                Slip::StackedFraction => self::stacked($node),
                Slip::DividedSomeTerms => self::partly($node, true),
                default => [...self::cancelled($node), ...self::partly($node, false)],
            }
            : [], Quotient::class);
    }

    /** @return iterable<Expression> */
    private static function stacked(Quotient $quotient): iterable
    {
        [$above, $below] = [$quotient->numerator, $quotient->denominator];
        if ($above instanceof Sum) {
            $last = \array_slice($above->terms, -1);
            yield Sum::of([
                ...\array_slice($above->terms, 0, -1),
                ...array_map(static fn(Expression $term): Expression => new Quotient($term, $below), $last),
            ]);
        }
        if ($above instanceof Quotient) {
            yield new Quotient($above->numerator, new Quotient($above->denominator, $below));
        }
        if ($below instanceof Quotient) {
            yield new Quotient(new Quotient($above, $below->numerator), $below->denominator);
        }
    }

    /** @return iterable<Expression> a term struck out above and below */
    private static function cancelled(Quotient $quotient): iterable
    {
        $below = $quotient->denominator;
        foreach (self::terms($quotient) as $place => $term) {
            foreach ($below->terms() as $under => $other) {
                if ($term->equals($other)) {
                    $left = $below instanceof Sum ? self::without($below->terms, $under) : [];
                    $above = Sum::of(self::without(self::terms($quotient), $place));
                    yield $left === [] ? $above : new Quotient($above, Sum::of($left));
                }
            }
        }
    }

    /**
     * One term divided, the others left as they are: by all that stands below, or by what both have in common.
     *
     * @param bool $byNumber whether by a number; else by what has a letter
     *
     * @return iterable<Expression>
     */
    private static function partly(Quotient $quotient, bool $byNumber): iterable
    {
        $below = $quotient->denominator;
        $terms = self::terms($quotient);
        $divisor = $below instanceof Sum ? null : Polynomial::tryFrom($below);
        if ($divisor === null || $divisor->isZero() || $divisor->isConstant() !== $byNumber) {
            return;
        }
        foreach ($terms as $place => $term) {
            $with = static fn(Expression $divided): Expression => Sum::of([
                ...\array_slice($terms, 0, $place),
                $divided,
                ...\array_slice($terms, $place + 1),
            ]);
            yield $with(new Quotient($term, $below));
            foreach (self::common(Polynomial::tryFrom($term)->terms ?? [], $divisor->terms) as $common) {
                yield new Quotient($with(new Quotient($term, $common)), new Quotient($below, $common));
            }
        }
    }

    /**
     * What two single terms have in common, unless it is the whole of the other: a number, letters, both.
     *
     * @param list<Term> $one
     * @param list<Term> $other
     *
     * @return list<Expression>
     */
    private static function common(array $one, array $other): array
    {
        if (\count($one) !== 1 || \count($other) !== 1) {
            return [];
        }
        $number = $one[0]->coefficient->commonDivisor($other[0]->coefficient);
        $letters = $one[0]->monomial->common($other[0]->monomial);
        $parts = [
            new Term($number, $letters),
            Term::constant($number),
            new Term(Rational::one(), $letters),
        ];

        return array_values(array_filter(
            array_map(static fn(Term $part): Expression => $part->toExpression(), $parts),
            static fn(Expression $part): bool => !$part->isOne() && !$part->equals($other[0]->toExpression()),
        ));
    }

    /** @return list<Expression> those above, where there are several */
    private static function terms(Quotient $quotient): array
    {
        return $quotient->numerator instanceof Sum ? $quotient->numerator->terms : [];
    }

    /**
     * @param list<Expression> $terms
     *
     * @return list<Expression>
     */
    private static function without(array $terms, int $place): array
    {
        unset($terms[$place]);

        return array_values($terms);
    }
}
