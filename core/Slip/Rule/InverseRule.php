<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/**
 * What is to be divided is multiplied, and the other way round, what is to be raised is rooted; or a power is undone by
 * dividing by its exponent, a root by multiplying by its index.
 */
final readonly class InverseRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Equation) {
            foreach ([[$line->left, $line->right], [$line->right, $line->left]] as [$side, $other]) {
                yield from $this->undone($side, $other);
            }
        }
        if ($line instanceof Quotient && $this->case === null) {
            yield Product::of([$line->denominator, $line->numerator]);
        }
        if ($line instanceof Product && $this->case === null) {
            yield new Quotient(Product::of(\array_slice($line->factors, 1)), $line->factors[0]);
        }
    }

    /** @return iterable<Node> what stood beside the rest of a side, done to the other side again instead of undone */
    private function undone(Expression $side, Expression $other): iterable
    {
        if ($side instanceof Quotient && $this->case === null) {
            yield new Equation($side->numerator, new Quotient($other, $side->denominator));
        }
        if ($side instanceof Power && Indeterminates::of($side->base) !== []) {
            yield from match ($this->case) {
                null => [new Equation($side->base, new Power($other, $side->exponent))],
                'power' => [new Equation($side->base, new Quotient($other, $side->exponent))],
                default => [],
            };
        }
        if ($side instanceof Root && Indeterminates::of($side->radicand) !== []) {
            yield from match ($this->case) {
                null => [new Equation($side->radicand, new Root($other, $side->index))],
                'root' => [new Equation($side->radicand, Product::of([Numeral::of($side->index), $other]))],
                default => [],
            };
        }
        $factors = $side instanceof Product && $this->case === null ? $side->factors : [];
        foreach ($factors as $place => $factor) {
            $rest = $factors;
            unset($rest[$place]);
            yield new Equation($factor, Product::of([$other, ...array_values($rest)]));
        }
    }
}
