<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Denominator;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/** Whether a common denominator is the least one. */
final readonly class LeastDenominator
{
    /** @param Evaluation<RationalFunction> $evaluation in the forms */
    public function __construct(private NormalForms $forms, private Evaluation $evaluation) {}

    /**
     * Every denominator goes into it; and it has no factor and no number that none of them wants.
     *
     * @throws NoExactValue where one is no polynomial in the letter, or no single term where there are several letters
     */
    public function holds(Denominator $claim): bool
    {
        if ($claim->letter === null) {
            return $this->isLeastTerm($claim->common, $claim->denominators);
        }
        $common = $this->univariate($claim->common, $claim->letter);
        $least = Univariate::one();
        $number = Rational::one();
        foreach ($claim->denominators as $denominator) {
            $one = $this->univariate($denominator, $claim->letter);
            if ($one->isZero() || !$common->dividedBy($one)[1]->isZero()) {
                return false;
            }
            $least = $least->times($one->dividedBy($least->commonWith($one))[0]);
            $content = $one->content();
            $number = $number->times($content)->dividedBy($number->commonDivisor($content));
        }

        return $claim->denominators !== [] && $common->degree() === $least->degree()
            && $common->content()->equals($number);
    }

    /**
     * Of single terms: every letter as often as where it stands most often, and the least number.
     *
     * @param list<Expression> $denominators
     *
     * @throws NoExactValue where one is no single term
     */
    private function isLeastTerm(Expression $common, array $denominators): bool
    {
        [$least, $number] = [0, Rational::one()];
        foreach ($denominators as $denominator) {
            [$monomial, $own] = $this->term($denominator);
            $least = Exponents::leastOf($least, $monomial);
            $number = $number->times($own)->dividedBy($number->commonDivisor($own));
        }
        [$monomial, $own] = $this->term($common);

        return $denominators !== [] && $monomial === $least && $own->equals($number);
    }

    /**
     * @return array{int, Rational} the monomial of a single term, and the size of its number
     *
     * @throws NoExactValue where it is none
     */
    private function term(Expression $expression): array
    {
        $value = $this->evaluation->of($expression);
        $monomial = $value->isWhole() ? $this->forms->monomial($value->numerator) : null;

        return $monomial === null
            ? throw new NoExactValue('no single term')
            : [$monomial, $value->numerator[$monomial]->absolute()];
    }

    /** @throws NoExactValue where it is no polynomial in the letter */
    private function univariate(Expression $expression, string $letter): Univariate
    {
        $value = $this->evaluation->of($expression);

        return Univariate::of(($value->isWhole() ? $this->forms->inOneLetter($value->numerator, $letter) : null)
            ?? throw new NoExactValue('no polynomial'));
    }
}
