<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Rule\UnivariateTerms;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A division of polynomials carried out with one of the slips people make there. */
final readonly class DivisionRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $above = $line instanceof Quotient ? $parts->univariate($line->numerator) : null;
        $below = $line instanceof Quotient ? $parts->univariate($line->denominator) : null;
        yield from $this->small($line, $parts);
        if ($above === null || $below === null || $above->letter !== $below->letter) {
            return;
        }
        foreach ($this->outcomes($above, $below) as [$quotient, $rest]) {
            if ($rest !== null && !$rest->isZero()) {
                yield self::written($quotient, $rest, $below->polynomial);
            } else {
                yield $quotient->toExpression();
            }
        }
    }

    /** @return iterable<Node> the divisor's sign kept in the corner, or its number not divided by in the end */
    private function small(Node $line, LineParts $parts): iterable
    {
        if ($this->slip === Slip::DivisorSignNotTurned && $line instanceof Negative) {
            yield $line->operand;
        }
        $in = $line instanceof Equation && $parts->polynomial($line->right)?->isZero() === true
            ? $parts->univariate($line->left)
            : null;
        if ($this->slip === Slip::DivisorSignNotTurned && $in?->polynomial->degree() === 1) {
            $last = $in->polynomial->coefficient($in->letter, 0);
            yield new Equation(
                $in->with([$in->polynomial->coefficient($in->letter, 1), $last->negated()])->toExpression(),
                Numeral::of(0),
            );
        }
        if (
            $this->slip === Slip::OuterFactorForgotten
            && $line instanceof Quotient
            && Polynomial::tryFrom($line->denominator)?->isConstant() === true
        ) {
            yield $line->numerator;
        }
    }

    /** @return iterable<array{Polynomial, Polynomial|null}> quotient and remainder; null where that was left out */
    private function outcomes(UnivariateTerms $above, UnivariateTerms $below): iterable
    {
        $letter = $above->letter;
        [$quotient, $rest] = $above->polynomial->dividedWithRemainder($below->polynomial, $letter);
        if ($this->slip === Slip::OuterFactorForgotten) {
            $front = $below->polynomial->terms[0]->coefficient;
            $high = $quotient->scaledBy($front);
            yield from $front->isOne() ? [] : [[$high, $rest], [$high, null]];

            return;
        }
        if ($this->slip === Slip::RemainderLeftOut) {
            yield from $rest->isZero() ? [] : [[$this->case === null ? $quotient : $quotient->plus($rest), null]];

            return;
        }
        if ($this->slip === Slip::QuotientDegree) {
            yield [$quotient->times($above->with([Rational::one(), Rational::zero()])), $rest];

            return;
        }
        if ($this->slip === Slip::MissingPlaceholder) {
            $standing = array_values(array_filter(
                $above->polynomial->coefficients($letter),
                static fn(Rational $coefficient): bool => !$coefficient->isZero(),
            ));
            $gaps = \count($standing) <= $above->polynomial->degree();
            $wrong = $gaps && $standing !== []
                ? $above->with($standing)->dividedWithRemainder($below->polynomial, $letter)
                : null;
        } else {
            $last = $below->polynomial->coefficient($letter, 0);
            $turned = $below->polynomial->minus(Polynomial::constant($last->times(Rational::of(2))));
            $wrong = $last->isZero() ? null : $above->polynomial->dividedWithRemainder($turned, $letter);
        }
        if ($wrong !== null) {
            yield $wrong;
            yield [$wrong[0], null];
        }
    }

    private static function written(Polynomial $quotient, Polynomial $rest, Polynomial $divisor): Expression
    {
        return Sum::of([
            ...$quotient->expressions(),
            new Quotient($rest->toExpression(), $divisor->toExpression()),
        ]);
    }
}
