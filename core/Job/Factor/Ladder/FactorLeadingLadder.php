<?php

declare(strict_types=1);

namespace Runel\Job\Factor\Ladder;

use Runel\Algebra\Trinomial;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;

/** Quadratic trinomials with a number in front. */
final class FactorLeadingLadder extends FactorTrinomialsLadder
{
    /** So many arrangements are looked at before a hunt is long. */
    private const MANY = 5;

    public function skill(): string
    {
        return 'factor-leading';
    }

    public function method(): string
    {
        return 'cross';
    }

    protected function adding(): array
    {
        return [
            Difficulty::Minus,
            Difficulty::OppositeSigns,
            Difficulty::ManyTrials,
            Difficulty::CommonFactor,
            Difficulty::LeadingMinus,
        ];
    }

    protected function fronts(Rung $rung, Throws $throws): array
    {
        return $rung->has(Difficulty::ManyTrials)
            ? [$throws->size(2, 5), $throws->size(3, 6)]
            : $throws->one([[1, $throws->size(2, 5)], [2, 3], [2, 2], [1, $throws->size(2, 7)]]);
    }

    protected function ends(Rung $rung, Throws $throws): array
    {
        // Few factors, few arrangements.
        return $rung->has(Difficulty::ManyTrials)
            ? parent::ends($rung, $throws)
            : [$throws->one([1, 2, 3, 5, 7]), $throws->one([1, 2, 3, 5])];
    }

    protected function own(Trinomial $trinomial, Seen $seen): array
    {
        return [
            Difficulty::LeadingNumber->value => $trinomial->a === 1,
            Difficulty::ManyTrials->value => $seen->demonstration->forecast->trials >= self::MANY,
        ];
    }
}
