<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A common number is divided away instead of taken out. */
final class CommonFactorRule implements WrongRule
{
    public function slip(): Slip
    {
        return Slip::CommonFactorForgotten;
    }

    public function wrong(Node $line): iterable
    {
        if (!$line instanceof Expression) {
            return;
        }
        try {
            $polynomial = Polynomial::fromExpression($line);
        } catch (NotPolynomial | DivisionByZero) {
            return;
        }
        if ($polynomial->isZero()) {
            return;
        }
        $content = $polynomial->content();
        foreach ($content->isOne() ? [] : [$content, $content->negated()] as $factor) {
            yield $polynomial->scaledBy($factor->reciprocal())->toExpression();
        }
    }
}
