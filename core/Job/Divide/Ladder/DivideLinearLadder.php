<?php

declare(strict_types=1);

namespace Runel\Job\Divide\Ladder;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Throws;

/** Polynomials divided by a linear one. */
final class DivideLinearLadder extends DividingLadder
{
    public function skill(): string
    {
        return 'divide-linear';
    }

    public function method(): string
    {
        return 'synthetic';
    }

    protected function adding(): array
    {
        return [
            Difficulty::Minus,
            Difficulty::HigherPower,
            Difficulty::Remainder,
            Difficulty::Gap,
            Difficulty::LeadingNumber,
        ];
    }

    protected function divisor(Rung $rung, Throws $throws): array
    {
        $end = $rung->has(Difficulty::Minus) ? $throws->signed(1, 5) : $throws->size(1, 5);

        return [$rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 3) : 1, $end];
    }

    protected function quotient(Rung $rung, Throws $throws): array
    {
        $degree = $rung->has(Difficulty::HigherPower) ? 2 : 1;
        $quotient = [$throws->size(1, 4)];
        for ($power = 0; $power < $degree; ++$power) {
            $quotient[] = $rung->has(Difficulty::Minus) ? $throws->signed(1, 9) : $throws->size(1, 9);
        }

        return $quotient;
    }
}
