<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** The only term of a line that keeps it from following: as it is written, and as it should be. */
final readonly class OneNumber
{
    /** @param bool $isScaled whether the line is the one before multiplied by a number, so that nothing was copied */
    private function __construct(public Term $given, public Term $right, public bool $onRight, public bool $isScaled) {}

    /** Null where more than one term is off, or no polynomial is there to be compared. */
    public static function between(Node $before, Node $after): ?self
    {
        return match (true) {
            $before instanceof Expression && $after instanceof Expression => self::ofExpressions($before, $after),
            $before instanceof Equation && $after instanceof Equation => self::ofEquations($before, $after),
            default => null,
        };
    }

    /**
     * Whether the number that should stand there is one that somebody could have meant: the same with another sign, a
     * neighbour in the tables, with its digits exchanged, or a sum in place of a product; never a fraction that makes
     * up for two slips.
     */
    public function isMeant(): bool
    {
        [$given, $right] = [$this->given->coefficient, $this->right->coefficient];
        if ($given->isZero() || $right->isZero() || $given->absolute()->equals($right->absolute())) {
            return true;
        }
        [$one, $other] = [$given->absolute()->toInt(), $right->absolute()->toInt()];
        if ($one === null || $other === null) {
            return $given->isInteger() === $right->isInteger() && $given->denominator()->equals($right->denominator());
        }
        if (abs($one - $other) <= 2 || strrev((string) $one) === (string) $other) {
            return $given->isNegative() === $right->isNegative();
        }
        for ($side = 2; $side <= 12; ++$side) {
            $isNeighbour = $one % $side === 0 && $other % $side === 0 && abs($one - $other) === $side
                && max($one, $other) <= 12 * $side;
            $isSum = $other % $side === 0 && $one === $side + intdiv($other, $side);
            if (($isNeighbour || $isSum) && $given->isNegative() === $right->isNegative()) {
                return true;
            }
        }

        return false;
    }

    private static function ofExpressions(Expression $before, Expression $after): ?self
    {
        [$right, $given] = [Polynomial::tryFrom($before), Polynomial::tryFrom($after)];
        if ($right === null || $given === null) {
            return null;
        }
        $difference = $given->minus($right);
        if (\count($difference->terms) !== 1) {
            return null;
        }
        $monomial = $difference->terms[0]->monomial;

        return new self(self::term($given, $monomial), self::term($right, $monomial), false, false);
    }

    private static function ofEquations(Equation $before, Equation $after): ?self
    {
        $sides = array_map(Polynomial::tryFrom(...), [$before->left, $before->right, $after->left, $after->right]);
        [$left, $right, $ownLeft, $ownRight] = $sides;
        if ($left === null || $right === null || $ownLeft === null || $ownRight === null) {
            return null;
        }
        $wanted = $left->minus($right);
        $given = $ownLeft->minus($ownRight);
        $monomials = [];
        foreach ([...$wanted->terms, ...$given->terms] as $term) {
            $monomials[$term->monomial->key] = $term->monomial;
        }
        $found = [];
        foreach ($monomials as $monomial) {
            $ratio = self::ratio($wanted, $given, $monomial, $monomials);
            if ($ratio !== null) {
                $should = self::term($wanted, $monomial)->coefficient->times($ratio);
                $onRight = $ownLeft->equals($left->scaledBy($ratio))
                    || (!self::shows($after->left, $monomial) && self::shows($after->right, $monomial));
                $there = self::term($onRight ? $ownRight : $ownLeft, $monomial)->coefficient;
                $rest = $onRight
                    ? self::term($ownLeft, $monomial)->coefficient->minus($should)
                    : self::term($ownRight, $monomial)->coefficient->plus($should);
                $one = new self(
                    new Term($there, $monomial),
                    new Term($rest, $monomial),
                    $onRight,
                    !$ratio->absolute()->isOne(),
                );
                $found[($one->isScaled ? 1 : 0) + ($rest->isInteger() ? 0 : 2) + min(1, $monomial->degree)] ??= $one;
            }
        }
        ksort($found);

        return array_values($found)[0] ?? null;
    }

    /**
     * By what all other terms were multiplied; null where not all by the same.
     *
     * @param array<string, Monomial> $monomials
     */
    private static function ratio(
        Polynomial $wanted,
        Polynomial $given,
        Monomial $but,
        array $monomials,
    ): ?Rational {
        $ratio = null;
        foreach ($monomials as $monomial) {
            if ($monomial->key === $but->key) {
                continue;
            }
            [$one, $other] = [self::term($wanted, $monomial)->coefficient, self::term($given, $monomial)->coefficient];
            if ($one->isZero() || $other->isZero()) {
                return null;
            }
            $own = $other->dividedBy($one);
            if ($ratio !== null && !$ratio->equals($own)) {
                return null;
            }
            $ratio = $own;
        }

        return $ratio;
    }

    /** Whether a side is written with a term of this kind. */
    private static function shows(Expression $side, Monomial $monomial): bool
    {
        foreach ($side->terms() as $term) {
            $terms = Polynomial::tryFrom($term)->terms ?? [];
            if (\count($terms) === 1 && $terms[0]->monomial->key === $monomial->key) {
                return true;
            }
        }

        return false;
    }

    private static function term(Polynomial $polynomial, Monomial $monomial): Term
    {
        foreach ($polynomial->terms as $term) {
            if ($term->monomial->key === $monomial->key) {
                return $term;
            }
        }

        return new Term(Rational::zero(), $monomial);
    }
}
