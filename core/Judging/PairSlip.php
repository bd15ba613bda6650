<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** What went wrong with a pair that should have a certain product and sum. */
final class PairSlip
{
    /**
     * @param array{Polynomial, Polynomial} $given
     * @param array{Polynomial, Polynomial} $right
     */
    public static function of(array $given, array $right): ?Slip
    {
        $product = $given[0]->times($given[1])->equals($right[0]->times($right[1]));
        $sum = $given[0]->plus($given[1])->equals($right[0]->plus($right[1]));
        $turned = $given[0]->plus($given[1])->equals($right[0]->plus($right[1])->negated());

        return match (true) {
            $product && $turned => Slip::SignsInWrongBrackets,
            $product => Slip::RightProductWrongSum,
            $sum => Slip::RightSumWrongProduct,
            default => null,
        };
    }
}
