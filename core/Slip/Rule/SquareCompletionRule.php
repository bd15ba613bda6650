<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A square is completed with the wrong number in the gap, on one side only, or without what stands in front. */
final readonly class SquareCompletionRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Equation && $line->left instanceof Letter) {
            foreach ($this->expressions($parts->univariate($line->right)) as $wrong) {
                yield new Equation($line->left, $wrong);
            }
        } elseif ($line instanceof Equation) {
            yield from $this->equations($parts->difference($line));
        } elseif ($line instanceof Power && $line->exponent instanceof Numeral) {
            yield from $this->halves($line);
        } elseif ($line instanceof Expression) {
            yield from $this->expressions($parts->univariate($line));
        }
    }

    /** @return iterable<Expression> of the half that is to be squared: the half itself, or the middle squared */
    private function halves(Power $power): iterable
    {
        $whole = new Power(Product::of([Numeral::of(2), $power->base]), $power->exponent);
        yield from match ($this->slip) {
            Slip::HalfNotSquared => [$power->base],
            Slip::SquaredNotHalved => [$whole, new Quotient($whole, Numeral::of(2))],
            default => [],
        };
    }

    /** @return iterable<Equation> a(x + h)² = d with what is added to the right of it */
    private function equations(?UnivariateTerms $in): iterable
    {
        $coefficients = $in?->quadratic();
        if ($in === null || $coefficients === null || $coefficients[1]->isZero()) {
            return;
        }
        [$a, $b, $c] = $coefficients;
        $half = $b->dividedBy($a->times(Rational::of(2)));
        foreach ($this->added($a, $half) as $added) {
            $square = self::square($in->letter, $this->inside($half));
            yield new Equation(
                Product::of([Numeral::of($a), $square]),
                Numeral::of($added->minus($c)),
            );
        }
    }

    /** @return iterable<Expression> a(x + h)² + c with what is taken off after it */
    private function expressions(?UnivariateTerms $in): iterable
    {
        $coefficients = $in?->quadratic();
        if ($in === null || $coefficients === null || $coefficients[1]->isZero()) {
            return;
        }
        [$a, $b, $c] = $coefficients;
        if ($this->slip === Slip::FunctionDivided) {
            yield $in->polynomial->scaledBy($a->reciprocal())->toExpression();

            return;
        }
        $half = $b->dividedBy($a->times(Rational::of(2)));
        foreach ($this->added($a, $half) as $added) {
            yield Sum::of([
                Product::of([Numeral::of($a), self::square($in->letter, $this->inside($half))]),
                Numeral::of($c->minus($added)),
            ]);
        }
    }

    /** @return list<Rational> what wrongly is thought to have been added */
    private function added(Rational $a, Rational $half): array
    {
        return match ($this->slip) {
            Slip::HalfNotSquared => [$half->times($a), $half->absolute()->times($a)],
            Slip::SquaredNotHalved => [$half->times(Rational::of(2))->power(2)->times($a)],
            Slip::AddedToOneSide => [Rational::zero()],
            Slip::MiddleSignLost => [$half->power(2)->times($a)],
            Slip::HalfNotTaken => [
                $half->times(Rational::of(2))->power(2)->times($a),
                $half->power(2)->times($a),
                Rational::zero(),
            ],
            Slip::OuterFactorForgotten => $a->isOne() ? [] : [$half->power(2)],
            default => [],
        };
    }

    /** What stands beside the letter in the square. */
    private function inside(Rational $half): Rational
    {
        return match ($this->slip) {
            Slip::MiddleSignLost => $half->negated(),
            Slip::HalfNotTaken => $half->times(Rational::of(2)),
            default => $half,
        };
    }

    private static function square(string $letter, Rational $half): Expression
    {
        return new Power(Sum::of([new Letter($letter), Numeral::of($half)]), Numeral::of(2));
    }
}
