<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** Four terms of which three are the square of a sum, and the fourth is a square: x² + 4x + 4 − y². */
final readonly class GroupedSquare
{
    /**
     * @param Expression $group   the three, in the order of the square
     * @param Power      $square  what they are the square of, squared
     * @param Expression $grouped the four, the three together in parentheses
     * @param Sum        $whole   a square minus a square
     * @param bool       $isTaken whether the three are taken away, a minus before their parentheses
     */
    private function __construct(
        public Expression $group,
        public Power $square,
        public Expression $grouped,
        public Sum $whole,
        public bool $isTaken,
    ) {}

    /** Null of anything else. */
    public static function of(Polynomial $polynomial): ?self
    {
        $terms = $polynomial->terms;
        foreach (\count($terms) === 4 ? $terms : [] as $place => $alone) {
            $three = $terms;
            unset($three[$place]);
            $isTaken = $alone->coefficient->isNegative();
            $three = array_map(
                static fn(Term $term): Term => $isTaken ? $term : $term->negated(),
                array_values($three),
            );
            $square = ($isTaken ? $alone->negated() : $alone)->root(2) === null ? null : self::square($three);
            if ($square !== null) {
                return self::grouped($alone, $square[0], $square[1], $isTaken);
            }
        }

        return null;
    }

    /** @param non-empty-list<Term> $group */
    private static function grouped(Term $alone, array $group, Power $square, bool $isTaken): self
    {
        $three = Term::sum($group);
        $taken = $alone->negated()->toExpression();

        return $isTaken
            ? new self($three, $square, Sum::of([$three, new Negative($taken)]), self::sum($square, $taken), false)
            : new self(
                $three,
                $square,
                Sum::of([$alone->toExpression(), new Negative($three)]),
                self::sum($alone->toExpression(), $square),
                true,
            );
    }

    private static function sum(Expression $first, Expression $taken): Sum
    {
        $sum = Sum::of([$first, new Negative($taken)]);

        return $sum instanceof Sum ? $sum : throw new \LogicException('Two terms are a sum.');
    }

    /**
     * @param list<Term> $three
     *
     * @return array{non-empty-list<Term>, Power}|null the three in order, and the square of the sum they are
     */
    public static function square(array $three): ?array
    {
        foreach ($three as $place => $middle) {
            $others = $three;
            unset($others[$place]);
            [$first, $last] = array_values($others);
            [$p, $q] = [$first->root(2), $last->root(2)];
            $double = $p === null || $q === null ? null : $p->times($q)->times(Term::constant(Rational::of(2)));
            if ($p === null || $q === null || $double === null || $double->monomial->key !== $middle->monomial->key
                || !$double->coefficient->equals($middle->coefficient->absolute())) {
                continue;
            }
            $sum = Term::sum([$p, $middle->coefficient->isNegative() ? $q->negated() : $q]);

            return [[$first, $middle, $last], new Power($sum, Numeral::of(2))];
        }

        return null;
    }
}
