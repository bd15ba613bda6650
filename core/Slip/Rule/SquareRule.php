<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A sum of two terms is squared with one of the slips people make there, most often without the double product. */
final readonly class SquareRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(function (Node $node): iterable {
            $power = $node instanceof Power && $node->exponent instanceof Numeral && $node->base instanceof Sum
                ? $node->exponent->value->toInt()
                : null;

            return match (true) {
                !$node instanceof Power || !$node->base instanceof Sum || $power === null || $power < 2 => [],
                $power === 2 => $this->squared($node->base->terms, $node->exponent),
                $this->slip === Slip::PowerOfSumSplit => [Sum::of(array_map(
                    static fn(Expression $term): Expression => new Power($term, $node->exponent),
                    $node->base->terms,
                ))],
                default => [],
            };
        }, Power::class);
    }

    /**
     * @param list<Expression> $terms
     *
     * @return iterable<Expression>
     */
    private function squared(array $terms, Expression $two): iterable
    {
        $squares = array_map(static fn(Expression $term): Expression => new Power($term, $two), $terms);
        if ($this->slip === Slip::DoubleProductForgotten) {
            yield Sum::of($squares);
        }
        if (\count($terms) !== 2 || $this->slip === Slip::DoubleProductForgotten) {
            return;
        }
        $double = Product::of([Numeral::of(2), ...$terms]);
        $signsDiffer = ($terms[0] instanceof Negative) !== ($terms[1] instanceof Negative);
        if ($this->slip === Slip::SignOfProduct && $signsDiffer) {
            yield Sum::of([$squares[0], Product::of([
                Numeral::of(2),
                ...array_map(static fn(Expression $term): Expression => $term->bare(), $terms),
            ]), $squares[1]]);
        }
        foreach ($this->slip === Slip::CoefficientNotSquared ? $terms : [] as $place => $term) {
            $factors = $term->bare()->factors();
            $number = Polynomial::number($factors[0]);
            if ($number !== null && \count($factors) > 1 && !$number->absolute()->isOne()) {
                $squares[$place] = Product::of([
                    $factors[0],
                    new Power(Product::of(\array_slice($factors, 1)), $two),
                ]);
                yield Sum::of([$squares[0], $double, $squares[1]]);
            }
        }
    }
}
