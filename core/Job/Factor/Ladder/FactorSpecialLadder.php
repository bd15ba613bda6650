<?php

declare(strict_types=1);

namespace Runel\Job\Factor\Ladder;

use Runel\Algebra\Trinomial;
use Runel\Job\Factor\FactorFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;

/** Differences of squares; from the third rung on, squares of binomials. */
final class FactorSpecialLadder extends Ladder
{
    public function skill(): string
    {
        return 'factor-special';
    }

    public function job(): string
    {
        return FactorFamily::JOB;
    }

    public function method(): string
    {
        return 'special';
    }

    protected function adding(): array
    {
        return [
            Difficulty::LeadingNumber,
            Difficulty::SquareTrinomial,
            Difficulty::Minus,
            Difficulty::CommonFactor,
            Difficulty::TwoLetters,
        ];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters)
            ? $throws->twoLetters()
            : [$throws->letter(), null];
        $small = $rung->has(Difficulty::CommonFactor);
        $m = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, $small ? 5 : 9) : 1;
        $r = $throws->size(1, $small ? 7 : 12);
        $sign = $rung->has(Difficulty::Minus) ? -1 : 1;
        $middle = $rung->has(Difficulty::SquareTrinomial) ? 2 * $m * $r * $sign : 0;
        $last = $rung->has(Difficulty::SquareTrinomial) ? $r * $r : -$r * $r;
        $outside = $rung->has(Difficulty::CommonFactor) ? $throws->size(2, 5) : 1;

        return Written::polynomial($letter, [$outside * $m * $m, $outside * $middle, $outside * $last], $second);
    }

    public function traits(Seen $seen): array
    {
        $trinomial = Trinomial::of($seen->whole());

        return $trinomial === null ? [Difficulty::Longer] : self::found([
            Difficulty::LeadingNumber->value => $trinomial->a !== 1,
            Difficulty::SquareTrinomial->value => $trinomial->discriminant() === 0,
            Difficulty::Minus->value => $trinomial->b < 0,
            Difficulty::CommonFactor->value => !$trinomial->common->isOne(),
            Difficulty::TwoLetters->value => $trinomial->second !== null,
            Difficulty::LeadingMinus->value => $trinomial->common->negative,
            Difficulty::Prime->value => $trinomial->isPrime()
                || ($trinomial->b !== 0 && $trinomial->discriminant() !== 0),
        ]);
    }
}
