<?php

declare(strict_types=1);

namespace Runel\Job\Multiply\Ladder;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** Two polynomials multiplied, one of them with three terms or more. */
final class MultiplyLongLadder extends MultiplyingLadder
{
    public function skill(): string
    {
        return 'multiply-long';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::LeadingNumber, Difficulty::Gap, Difficulty::Longer];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $letter = $throws->letter();
        $front = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 5) : 1;
        $end = fn(): int => $rung->has(Difficulty::Minus) ? $throws->signed(1, 7) : $throws->size(1, 7);
        $short = $rung->has(Difficulty::Longer) ? [1, $end(), $end()] : [1, $end()];
        $long = $rung->has(Difficulty::Gap)
            ? $throws->one([[$front, 0, $end(), $end()], [$front, $end(), 0, $end()]])
            : [$front, $end(), $end()];
        $factors = $throws->sign() > 0 ? [$short, $long] : [$long, $short];

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
            Difficulty::Gap->value => array_filter($factors, Seen::hasGap(...)) !== [],
            Difficulty::Longer->value => \count($factors) !== 2 || min([9, ...$terms]) > 2,
            Difficulty::ZeroMiddle->value => Seen::hasGap($seen->whole()),
        ] + self::common($factors));
    }
}
