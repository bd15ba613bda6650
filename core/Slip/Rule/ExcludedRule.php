<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Denominators are cleared, and what makes one of them 0 is kept among what solves the rest. */
final readonly class ExcludedRule implements WrongRule
{
    use OfSlip;

    /** Nobody clears denominators beyond this by hand. */
    private const MOST_DEGREE = 6;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $letters = array_map('strval', array_keys(Letters::of($line)));
        if (!$line instanceof Equation || \count($letters) !== 1) {
            return;
        }
        $terms = [...$line->left->terms(), ...array_map(
            static fn(Expression $term): Expression => $term->negated(),
            $line->right->terms(),
        )];
        $below = self::below($terms);
        $cleared = $below === [] ? null : self::cleared($terms, $below);
        if ($cleared === null || $cleared->isZero()) {
            return;
        }
        $letter = $letters[0];
        $excluded = array_filter(
            array_map(static fn(Polynomial $one): ?Rational => self::root($one, $letter), $below),
            static fn(?Rational $value): bool => $value !== null && self::isRoot($cleared, $letter, $value),
        );
        if ($excluded === []) {
            return;
        }
        $solutions = RationalSolutions::of(new Equation($cleared->toExpression(), Numeral::of(0)));
        yield from $solutions === null ? [] : [$solutions->written($solutions->roots)];
        foreach ($excluded as $value) {
            yield new Equation(new Letter($letter), Numeral::of($value));
        }
    }

    /**
     * @param list<Expression> $terms
     *
     * @return list<Polynomial> what stands below a line in them, each once
     */
    private static function below(array $terms): array
    {
        $below = [];
        foreach ($terms as $term) {
            $fraction = $term->bare();
            $own = $fraction instanceof Quotient ? Polynomial::tryFrom($fraction->denominator) : null;
            $isNew = $own !== null && !$own->isConstant() && array_filter(
                $below,
                static fn(Polynomial $other): bool => $other->equals($own),
            ) === [];
            $below = $isNew ? [...$below, $own] : $below;
        }

        return $below;
    }

    /**
     * All terms times all that stands below, nothing cancelled but the own denominator.
     *
     * @param list<Expression> $terms
     * @param list<Polynomial> $below
     */
    private static function cleared(array $terms, array $below): ?Polynomial
    {
        $degree = array_sum(array_map(static fn(Polynomial $one): int => $one->degree(), $below));
        $sum = Polynomial::constant(0);
        foreach ($terms as $term) {
            $fraction = $term->bare();
            $isOver = $fraction instanceof Quotient && !$fraction->denominator->isNumber();
            $top = Polynomial::tryFrom($isOver ? $fraction->numerator : $fraction);
            if ($top === null || $degree + ($top->isZero() ? 0 : $top->degree()) > self::MOST_DEGREE) {
                return null;
            }
            $own = $isOver ? Polynomial::tryFrom($fraction->denominator) : null;
            foreach ($below as $one) {
                $top = $own !== null && $one->equals($own) ? $top : $top->times($one);
            }
            $sum = $sum->plus($term instanceof Negative ? $top->negated() : $top);
        }

        return $sum;
    }

    private static function root(Polynomial $linear, string $letter): ?Rational
    {
        return $linear->degree() !== 1 ? null : $linear->coefficient($letter, 0)->negated()
            ->dividedBy($linear->coefficient($letter, 1));
    }

    private static function isRoot(Polynomial $polynomial, string $letter, Rational $value): bool
    {
        return array_reduce(
            $polynomial->coefficients($letter),
            static fn(Rational $sum, Rational $next): Rational => $sum->times($value)->plus($next),
            Rational::zero(),
        )->isZero();
    }
}
