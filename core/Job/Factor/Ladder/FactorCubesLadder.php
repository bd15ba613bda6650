<?php

declare(strict_types=1);

namespace Runel\Job\Factor\Ladder;

use Runel\Algebra\CommonTerm;
use Runel\Job\Factor\FactorFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Polynomial\Polynomial;

/** Sums, then differences of two cubes. */
final class FactorCubesLadder extends Ladder
{
    public function skill(): string
    {
        return 'factor-cubes';
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
        return [Difficulty::Minus, Difficulty::LeadingNumber, Difficulty::TwoLetters, Difficulty::CommonFactor];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters) ? $throws->twoLetters() : [$throws->letter(), null];
        $m = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 5) : 1;
        $r = $throws->size(1, 6);
        $outside = $rung->has(Difficulty::CommonFactor) ? $throws->size(2, 5) : 1;
        $first = $outside * $m ** 3;
        $last = $outside * $r ** 3;

        return ($first === 1 ? '' : $first) . "$letter^3" . ($rung->has(Difficulty::Minus) ? '-' : '+')
            . ($last === 1 && $second !== null ? '' : $last) . ($second === null ? '' : "$second^3");
    }

    public function traits(Seen $seen): array
    {
        $whole = $seen->whole();
        $common = $whole->isZero() ? null : CommonTerm::of($whole);
        $rest = $common->rest ?? Polynomial::constant(0);
        $isCubes = \count($rest->terms) === 2 && $rest->degree() === 3;

        return $common === null || !$isCubes ? [Difficulty::Longer] : self::found([
            Difficulty::Minus->value => Seen::hasMinus($rest),
            Difficulty::LeadingNumber->value => !$rest->terms[0]->coefficient->isOne(),
            Difficulty::TwoLetters->value => \count($rest->letters()) > 1,
            Difficulty::CommonFactor->value => !$common->isOne(),
            Difficulty::LeadingMinus->value => $common->negative,
        ]);
    }
}
