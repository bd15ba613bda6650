<?php

declare(strict_types=1);

namespace Runel\Job\Divide\Ladder;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Throws;

/** Polynomials divided by a quadratic one. */
final class DivideLongLadder extends DividingLadder
{
    public function skill(): string
    {
        return 'divide-long';
    }

    public function method(): string
    {
        return 'long';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::Remainder, Difficulty::Gap, Difficulty::LeadingNumber];
    }

    protected function divisor(Rung $rung, Throws $throws): array
    {
        $end = fn(): int => $rung->has(Difficulty::Minus) ? $throws->signed(1, 5) : $throws->size(1, 5);

        return [$rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 3) : 1, $end(), $end()];
    }

    protected function quotient(Rung $rung, Throws $throws): array
    {
        $end = $rung->has(Difficulty::Minus) ? $throws->signed(1, 6) : $throws->size(1, 6);

        return [$throws->size(1, 4), $end];
    }
}
