<?php

declare(strict_types=1);

namespace Runel\Job\Factor\Ladder;

use Runel\Algebra\Trinomial;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;

/** Quadratic trinomials that begin with the square alone. */
final class FactorMonicLadder extends FactorTrinomialsLadder
{
    public function skill(): string
    {
        return 'factor-monic';
    }

    public function method(): string
    {
        return 'sum-product';
    }

    protected function adding(): array
    {
        return [
            Difficulty::Minus,
            Difficulty::OppositeSigns,
            Difficulty::CommonFactor,
            Difficulty::LeadingMinus,
            Difficulty::TwoLetters,
        ];
    }

    protected function fronts(Rung $rung, Throws $throws): array
    {
        return [1, 1];
    }

    protected function own(Trinomial $trinomial, Seen $seen): array
    {
        return [Difficulty::LeadingNumber->value => $trinomial->a !== 1];
    }
}
