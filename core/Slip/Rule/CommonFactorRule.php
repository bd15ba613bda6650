<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
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
        $polynomial = $line instanceof Expression ? Polynomial::tryFrom($line) : null;
        if ($polynomial === null || $polynomial->isZero()) {
            return;
        }
        $content = $polynomial->content();
        foreach ($content->isOne() ? [] : [$content, $content->negated()] as $factor) {
            yield $polynomial->scaledBy($factor->reciprocal())->toExpression();
        }
    }
}
