<?php

declare(strict_types=1);

namespace Runel\Job\Multiply\Ladder;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** Three factors multiplied. */
final class MultiplyThreeLadder extends MultiplyingLadder
{
    public function skill(): string
    {
        return 'multiply-three';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::LeadingNumber, Difficulty::Longer];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $letter = $throws->letter();
        $end = fn(): int => $rung->has(Difficulty::Minus) ? $throws->signed(1, 6) : $throws->size(1, 6);
        $factors = [
            [1, $end()],
            [$rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 4) : 1, $end()],
            $rung->has(Difficulty::Longer) ? [1, $end(), $end()] : [1, $end()],
        ];

        return implode('', array_map(
            static fn(array $factor): string => '(' . Written::polynomial($letter, $factor) . ')',
            $factors,
        ));
    }

    public function traits(Seen $seen): array
    {
        $factors = $seen->factors();
        $terms = array_map(static fn(Polynomial $factor): int => \count($factor->terms), $factors);

        return self::found([
            Difficulty::LeadingNumber->value => self::leading($factors) > 0,
            Difficulty::Longer->value => max([0, ...$terms]) > 2,
            Difficulty::ZeroMiddle->value => Seen::hasGap($seen->whole()),
        ] + self::common($factors));
    }
}
