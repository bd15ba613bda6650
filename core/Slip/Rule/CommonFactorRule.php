<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Number\Rational;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A common number is divided away instead of taken out; or the −1 before a product goes into both factors. */
final readonly class CommonFactorRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $polynomial = $line instanceof Expression ? $parts->polynomial($line) : null;
        if ($polynomial === null || $polynomial->isConstant()) {
            return;
        }
        if ($this->slip === Slip::MinusOneTwice) {
            if ($polynomial->terms[0]->coefficient->isNegative()) {
                yield $polynomial->negated()->toExpression();
            }

            return;
        }
        $content = $polynomial->content();
        $isMinusAlone = $content->isOne() && $polynomial->terms[0]->coefficient->isNegative();
        $factors = match (true) {
            $this->case === 'minus' => $isMinusAlone ? [Rational::of(-1)] : [],
            $content->isOne() => [],
            default => [$content, $content->negated()],
        };
        foreach ($factors as $factor) {
            yield $polynomial->scaledBy($factor->reciprocal())->toExpression();
        }
    }
}
