<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Working\CommonDenominator;

/** Terms that are fractions or polynomials, added and subtracted. */
final readonly class FractionSum
{
    /** @param non-empty-list<array{Expression, AlgebraicFraction}> $terms as they stand, each with what it is */
    private function __construct(public array $terms) {}

    /** Null where a term is something else. */
    public static function of(Expression $whole): ?self
    {
        $terms = [];
        try {
            foreach ($whole->terms() as $term) {
                $terms[] = [$term, AlgebraicFraction::read($term)];
            }
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return null;
        }

        return $terms === [] ? null : new self($terms);
    }

    /** The least common denominator. */
    public function common(): FactoredPolynomial
    {
        $common = FactoredPolynomial::one();
        foreach ($this->terms as [, $fraction]) {
            $common = $common->multiple($fraction->bottom);
        }

        return $common;
    }

    /** @return list<Expression> what stands below, as it is written, each once */
    public function denominators(): array
    {
        $below = [];
        foreach ($this->terms as [$term]) {
            $bare = $term->bare();
            $own = $bare instanceof Quotient && Polynomial::tryFrom($bare->denominator)?->isConstant() === false
                ? $bare->denominator
                : null;
            $isKnown = $own === null
                || array_filter($below, static fn(Expression $one): bool => $one->equals($own)) !== [];
            $below = $isKnown ? $below : [...$below, $own];
        }

        return $below;
    }

    /** @return list<Line> how the common denominator is made */
    public function makings(): array
    {
        return CommonDenominator::lines($this->common(), array_column($this->terms, 1));
    }

    /** Each term over the common denominator, nothing multiplied out. */
    public function expanded(): Expression
    {
        $common = $this->common();

        return Sum::of(array_map(static function (array $term) use ($common): Expression {
            [, $fraction] = $term;
            $cleared = $fraction->cleared($common);
            $isMinus = $cleared instanceof Negative;
            $quotient = new Quotient($isMinus ? $cleared->operand : $cleared, $common->toExpression());

            return $quotient->signed($isMinus);
        }, $this->terms));
    }

    /** The terms times a denominator that all go into, as they stand: brackets stay after a minus. */
    public function cleared(?FactoredPolynomial $by = null): Expression
    {
        $common = $by ?? $this->common();
        $cleared = [];
        foreach ($this->terms as [, $fraction]) {
            $term = $fraction->cleared($common);
            array_push($cleared, ...$term->terms());
        }

        return Sum::of($cleared);
    }

    /** The same multiplied out and collected. */
    public function top(?FactoredPolynomial $by = null): Polynomial
    {
        $common = $by ?? $this->common();
        $top = Polynomial::constant(0);
        foreach ($this->terms as [, $fraction]) {
            $top = $top->plus($fraction->top->times($common->over($fraction->bottom)->polynomial()));
        }

        return $top;
    }

    /** The sum as it stands, times something. */
    public function times(FactoredPolynomial $by): Expression
    {
        return Product::of([...$by->toExpression()->factors(), $this->written()]);
    }

    /** The sum as it stands. */
    public function written(): Expression
    {
        return Sum::of(array_column($this->terms, 0));
    }
}
