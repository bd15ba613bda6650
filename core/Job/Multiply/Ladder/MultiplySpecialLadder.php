<?php

declare(strict_types=1);

namespace Runel\Job\Multiply\Ladder;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;

/** Squares of binomials; at last a sum times the difference. */
final class MultiplySpecialLadder extends MultiplyingLadder
{
    public function skill(): string
    {
        return 'multiply-special';
    }

    public function method(): string
    {
        return 'special';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::LeadingNumber, Difficulty::TwoLetters, Difficulty::SumDifference];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters)
            ? $throws->twoLetters()
            : [$throws->letter(), null];
        $front = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 7) : 1;
        $end = $throws->size(1, 12);
        $plus = '(' . Written::polynomial($letter, [$front, $end], $second) . ')';
        $minus = '(' . Written::polynomial($letter, [$front, -$end], $second) . ')';

        return match (true) {
            $rung->has(Difficulty::SumDifference) => $throws->sign() > 0 ? $plus . $minus : $minus . $plus,
            $rung->has(Difficulty::Minus) => "$minus^2",
            default => "$plus^2",
        };
    }

    public function traits(Seen $seen): array
    {
        $factors = $seen->factors();
        $common = self::common($factors);
        // Here the factors are the same, unless they are a sum and its difference.
        $isSum = !$common[Difficulty::Repeated->value];
        unset($common[Difficulty::Repeated->value]);

        return self::found([
            Difficulty::LeadingNumber->value => self::leading($factors) > 0,
            Difficulty::SumDifference->value => $isSum,
            Difficulty::Longer->value => \count($factors) !== 2,
        ] + $common);
    }
}
