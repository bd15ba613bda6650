<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\BookShape;
use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** One fraction, factored above and below: what both have is cancelled. */
final readonly class Reducing
{
    private FactoredPolynomial $common;

    public function __construct(private FactoredPolynomial $top, private FactoredPolynomial $bottom)
    {
        $this->common = $top->common($bottom);
    }

    public function isReduced(): bool
    {
        return $this->common->isOne();
    }

    /** What is left: a minus turns a difference above, or else goes in front. */
    public function result(): Expression
    {
        $left = $this->left();

        return $this->turned($left) ?? $left;
    }

    /** Whether the minus turns a difference above. */
    public function turns(): bool
    {
        return $this->turned($this->left()) !== null;
    }

    /** Factored above and below, nothing cancelled. */
    public function factored(): Expression
    {
        return self::fraction($this->top, $this->bottom);
    }

    /** The step that strikes out what both have. */
    public function step(): Step
    {
        $sign = $this->top->number->isNegative() !== $this->bottom->number->isNegative();
        $struck = new Quotient($this->struck($this->top), $this->struck($this->bottom));

        return new Step(
            id: 'cancel',
            title: Message::of('simplify.cancel.strike.title', ['common' => $this->common->toExpression()]),
            why: Message::of('simplify.cancel.strike.why'),
            lines: [Line::equal($struck->signed($sign))],
            watch: Slip::TermCancelled,
        );
    }

    private function left(): Expression
    {
        return self::fraction($this->top->over($this->common), $this->bottom->over($this->common));
    }

    /** A minus before a difference above taken into it; beside other factors only where it is one of letters. */
    private function turned(Expression $left): ?Expression
    {
        $inside = $left instanceof Negative ? $left->operand : null;
        if ($inside instanceof Sum) {
            return BookShape::ordered(Polynomial::fromExpression($left)->toExpression());
        }
        if (!$inside instanceof Quotient) {
            return null;
        }
        $factors = $inside->numerator->factors();
        foreach ($factors as $index => $factor) {
            $polynomial = $factor instanceof Sum ? Polynomial::fromExpression($factor) : null;
            if ($polynomial === null || (\count($factors) > 1 && !self::isOfLetters($polynomial))) {
                continue;
            }
            $turned = BookShape::ordered($polynomial->negated()->toExpression());
            if (!$turned->terms()[0] instanceof Negative) {
                $factors[$index] = $turned;

                return new Quotient(Product::of($factors), $inside->denominator);
            }
        }

        return null;
    }

    private static function isOfLetters(Polynomial $polynomial): bool
    {
        return array_filter(
            $polynomial->terms,
            static fn(Term $term): bool => $term->monomial->exponents === [],
        ) === [];
    }

    private function struck(FactoredPolynomial $whole): Expression
    {
        $number = $whole->number->absolute();
        $written = [];
        if (!$this->common->number->isOne()) {
            $rest = $number->dividedBy($this->common->number);
            $written[] = new Marked(Numeral::of($this->common->number), Mark::cancels());
            $number = $rest;
        }
        if (!$number->isOne() || ($written === [] && $whole->factors === [])) {
            $written[] = Numeral::of($number);
        }
        foreach ($whole->factors as [$factor, $exponent]) {
            $both = $this->common->exponent($factor);
            foreach ([[$both, true], [$exponent - $both, false]] as [$times, $isStruck]) {
                if ($times > 0) {
                    $power = self::power($factor, $times);
                    $written[] = $isStruck ? new Marked($power, Mark::cancels()) : $power;
                }
            }
        }

        return Product::of($written);
    }

    private static function power(Polynomial $factor, int $times): Expression
    {
        $base = $factor->toExpression();

        return $times === 1 ? $base : new Power($base, Numeral::of($times));
    }

    private static function fraction(FactoredPolynomial $top, FactoredPolynomial $bottom): Expression
    {
        $isNegative = $top->number->isNegative() !== $bottom->number->isNegative();
        $ratio = $top->number->absolute()->dividedBy($bottom->number->absolute());
        // Whole numbers above and below, unless both were whole already.
        $isWhole = $top->number->isInteger() && $bottom->number->isInteger();
        [$above, $below] = $isWhole
            ? [$top->number->absolute(), $bottom->number->absolute()]
            : [$ratio->numerator(), $ratio->denominator()];
        $upper = $top->over(FactoredPolynomial::number($top->number))->scaledBy($above);
        $lower = $bottom->over(FactoredPolynomial::number($bottom->number))->scaledBy($below);
        $written = $lower->isOne()
            ? $upper->toExpression()
            : new Quotient($upper->toExpression(), $lower->toExpression());

        return $written->signed($isNegative);
    }
}
