<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Expression\Quotient;

/** How a least common denominator is made. */
final class CommonDenominator
{
    /**
     * @param list<AlgebraicFraction> $fractions
     *
     * @return list<Line> what each denominator lacks of the common one, each once
     */
    public static function lines(FactoredPolynomial $common, array $fractions): array
    {
        $lines = [];
        foreach ($fractions as $fraction) {
            $missing = $common->over($fraction->bottom);
            $own = $fraction->bottom->toExpression();
            $isKnown = array_filter($lines, static fn(array $line): bool => $line[0]->equals($own)) !== [];
            if (!$missing->isOne() && !$fraction->bottom->isOne() && !$isKnown) {
                $lines[] = [$own, $missing->toExpression()];
            }
        }

        return array_map(static fn(array $line): Line => Line::side(
            new Quotient($common->toExpression(), $line[0]),
            $line[1],
        ), $lines);
    }
}
