<?php

declare(strict_types=1);

namespace Runel\Practice\Ladder;

use Runel\Method\Factor\Trinomial;
use Runel\Practice\Difficulty;
use Runel\Practice\Rung;
use Runel\Practice\Seen;
use Runel\Practice\Skill;
use Runel\Practice\Throws;

/** Quadratic trinomials that begin with the square alone. */
final class FactorMonic extends FactorTrinomials
{
    public function skill(): Skill
    {
        return Skill::FactorMonic;
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
