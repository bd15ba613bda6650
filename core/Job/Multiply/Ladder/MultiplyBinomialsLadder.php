<?php

declare(strict_types=1);

namespace Runel\Job\Multiply\Ladder;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** Two binomials multiplied. */
final class MultiplyBinomialsLadder extends MultiplyingLadder
{
    public function skill(): string
    {
        return 'multiply-binomials';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::LeadingNumber, Difficulty::BothLeading, Difficulty::TwoLetters];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters)
            ? $throws->twoLetters()
            : [$throws->letter(), null];
        $fronts = match (true) {
            $rung->has(Difficulty::BothLeading) => [$throws->size(2, 6), $throws->size(2, 6)],
            $rung->has(Difficulty::LeadingNumber) => [$throws->size(2, 7), 1],
            default => [1, 1],
        };
        $ends = [$throws->size(1, 9), $throws->size(1, 9)];
        if ($rung->has(Difficulty::Minus)) {
            $ends = $throws->one([[-$ends[0], $ends[1]], [$ends[0], -$ends[1]], [-$ends[0], -$ends[1]]]);
        }

        return '(' . Written::polynomial($letter, [$fronts[0], $ends[0]], $second) . ')('
            . Written::polynomial($letter, [$fronts[1], $ends[1]], $second) . ')';
    }

    public function traits(Seen $seen): array
    {
        $factors = $seen->factors();
        $leading = self::leading($factors);

        return self::found([
            Difficulty::LeadingNumber->value => $leading > 0,
            Difficulty::BothLeading->value => $leading > 1,
        ] + self::common($factors) + [
            Difficulty::Longer->value => \count($factors) !== 2 || array_filter(
                $factors,
                static fn(Polynomial $factor): bool => \count($factor->terms) !== 2,
            ) !== [],
            Difficulty::ZeroMiddle->value => \count($seen->whole()->terms) < 3,
        ]);
    }
}
