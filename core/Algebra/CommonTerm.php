<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** What all terms of a polynomial have in common: a number, powers of letters, and −1 where it begins with a minus. */
final readonly class CommonTerm
{
    /**
     * @param Polynomial $whole    everything, multiplied out and in standard form
     * @param Rational   $content  the greatest common factor of the coefficients, positive
     * @param bool       $negative whether −1 is taken out as well
     * @param Monomial   $letters  the powers common to all terms
     * @param Polynomial $rest     what is left, beginning with a plus
     */
    private function __construct(
        public Polynomial $whole,
        public Rational $content,
        public bool $negative,
        public Monomial $letters,
        public Polynomial $rest,
    ) {}

    /**
     * @param Polynomial $whole      not 0
     * @param bool       $minusAlone whether of whole numbers without a common letter only −1 is taken out, where they
     *                               begin with a minus, and the greatest common factor stays
     */
    public static function of(Polynomial $whole, bool $minusAlone = false): self
    {
        $content = $whole->content();
        $negative = $whole->terms[0]->coefficient->isNegative();
        $letters = $whole->terms[0]->monomial;
        foreach ($whole->terms as $term) {
            $letters = $letters->common($term->monomial);
        }
        if ($minusAlone && $negative && $letters->exponents === [] && $content->isInteger()) {
            $content = Rational::one();
        }
        $unit = ($negative ? $content->negated() : $content)->reciprocal();
        $rest = Polynomial::ofTerms(array_map(static function (Term $term) use ($unit, $letters): Term {
            // What is left is whole, whether or not the number in front was typed as a decimal.
            $coefficient = $term->coefficient->times($unit)->toInt();

            return new Term(
                $coefficient === null ? $term->coefficient->times($unit) : Rational::of($coefficient),
                $term->monomial->over($letters),
            );
        }, $whole->terms), $whole->main);

        return new self($whole, $content, $negative, $letters, $rest);
    }

    /** Whether there is anything to take out but −1. */
    public function isOne(): bool
    {
        return $this->content->isOne() && $this->letters->exponents === [];
    }

    /** Number and letters, as one term. */
    public function term(): Term
    {
        return new Term($this->content, $this->letters);
    }

    /**
     * What stands in front of what is left, a factor each.
     *
     * @return list<Expression>
     */
    public function factors(): array
    {
        return [...($this->content->isOne() ? [] : [Numeral::of($this->content)]), ...$this->letters->factors()];
    }

    /** Whether what is left cannot be factored for a reason that shows at once. */
    public function leavesNothing(): bool
    {
        if ($this->rest->degree() <= 1) {
            return true;
        }
        if (\count($this->rest->terms) !== 2) {
            return false;
        }
        // Two terms without a common factor, a letter in one of them alone and unraised: linear in that letter.
        [$first, $second] = $this->rest->terms;
        foreach ($this->rest->letters() as $letter) {
            if (max($first->monomial->degreeIn($letter), $second->monomial->degreeIn($letter)) === 1) {
                return true;
            }
        }

        return false;
    }
}
