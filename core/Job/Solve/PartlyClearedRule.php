<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\FactoredPolynomial;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Denominators are cleared, and not all of the equation is multiplied by the whole common denominator. */
final readonly class PartlyClearedRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $sides = $line instanceof Equation && self::hasBelow($line) ? self::fractions($line) : null;
        if ($sides === null) {
            return;
        }
        $common = FactoredPolynomial::one();
        foreach ([...$sides[0], ...$sides[1]] as $fraction) {
            $common = $common->multiple($fraction->bottom);
        }
        if (!$common->isOne()) {
            yield from $this->slip === Slip::OneSideOnly
                ? self::apart($line, $sides, $common)
                : self::butTerms($sides, $common);
        }
    }

    /**
     * One side times all of it, the other as it stands or times its own denominators; both times their own.
     *
     * @param array{list<AlgebraicFraction>, list<AlgebraicFraction>} $sides
     *
     * @return iterable<Equation>
     */
    private static function apart(Equation $line, array $sides, FactoredPolynomial $common): iterable
    {
        $cleared = array_map(static fn(array $side): Expression => self::times($side, $common), $sides);
        $own = array_map(static fn(array $side): FactoredPolynomial => array_reduce(
            $side,
            static fn(FactoredPolynomial $of, AlgebraicFraction $next): FactoredPolynomial =>
                $of->multiple($next->bottom),
            FactoredPolynomial::one(),
        ), $sides);
        $byOwn = [self::times($sides[0], $own[0]), self::times($sides[1], $own[1])];
        yield new Equation($cleared[0], $line->right);
        yield new Equation($line->left, $cleared[1]);
        yield new Equation($cleared[0], $byOwn[1]);
        yield new Equation($byOwn[0], $cleared[1]);
        yield new Equation($byOwn[0], $byOwn[1]);
    }

    /**
     * Every term times all of it, but one or all of those without a denominator.
     *
     * @param array{list<AlgebraicFraction>, list<AlgebraicFraction>} $sides
     *
     * @return iterable<Equation>
     */
    private static function butTerms(array $sides, FactoredPolynomial $common): iterable
    {
        $plain = [];
        foreach ($sides as $side => $fractions) {
            foreach ($fractions as $place => $fraction) {
                if ($fraction->bottom->isOne() && !$fraction->top->isZero()) {
                    $plain[] = [$side, $place];
                }
            }
        }
        $left = \count($plain) > 1 ? [$plain, ...array_map(static fn(array $one): array => [$one], $plain)] : [$plain];
        foreach ($plain === [] ? [] : $left as $kept) {
            $written = [];
            foreach ($sides as $side => $fractions) {
                $written[] = Sum::of(array_map(
                    static fn(AlgebraicFraction $one, int $place): Expression => \in_array([$side, $place], $kept, true)
                        ? $one->toExpression()
                        : $one->cleared($common),
                    $fractions,
                    array_keys($fractions),
                ));
            }
            yield new Equation($written[0], $written[1]);
        }
    }

    /** @param list<AlgebraicFraction> $side */
    private static function times(array $side, FactoredPolynomial $common): Expression
    {
        return Sum::of(array_map(
            static fn(AlgebraicFraction $one): Expression => $one->cleared($common),
            $side,
        ));
    }

    /** Whether anything stands below a line: most lines have nothing that could be cleared. */
    private static function hasBelow(Equation $line): bool
    {
        return Inside::some($line, static fn(Node $part): bool => $part instanceof Quotient
            || ($part instanceof Numeral && !$part->value->isInteger())
            || ($part instanceof Power && !$part->exponent instanceof Numeral));
    }

    /** @return array{list<AlgebraicFraction>, list<AlgebraicFraction>}|null the terms of both sides */
    private static function fractions(Equation $line): ?array
    {
        try {
            return [
                array_map(AlgebraicFraction::read(...), $line->left->terms()),
                array_map(AlgebraicFraction::read(...), $line->right->terms()),
            ];
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
    }
}
