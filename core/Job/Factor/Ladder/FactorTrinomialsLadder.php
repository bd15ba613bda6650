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

/** What the ladders of factoring trinomials have in common. */
abstract class FactorTrinomialsLadder extends Ladder
{
    final public function job(): string
    {
        return FactorFamily::JOB;
    }

    /** @return array{int, int} the numbers in front of the letter */
    abstract protected function fronts(Rung $rung, Throws $throws): array;

    /** @return array{int, int} the sizes of the numbers at the end */
    protected function ends(Rung $rung, Throws $throws): array
    {
        return [$throws->size(1, 9), $throws->size(1, 9)];
    }

    final public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters)
            ? $throws->twoLetters()
            : [$throws->letter(), null];
        [$m, $n] = $this->fronts($rung, $throws);
        [$r, $s] = $this->ends($rung, $throws);
        if ($rung->has(Difficulty::OppositeSigns)) {
            // The middle keeps its minus: the larger product carries it.
            [$r, $s] = $m * $s > $n * $r ? [$r, -$s] : [-$r, $s];
        } elseif ($rung->has(Difficulty::Minus)) {
            [$r, $s] = [-$r, -$s];
        }
        $outside = $rung->has(Difficulty::CommonFactor) ? $throws->size(2, 5) : 1;
        $outside *= $rung->has(Difficulty::LeadingMinus) ? -1 : 1;

        return Written::polynomial($letter, array_map(
            static fn(int $coefficient): int => $coefficient * $outside,
            Written::product([$m, $r], [$n, $s]),
        ), $second);
    }

    final public function traits(Seen $seen): array
    {
        $trinomial = Trinomial::of($seen->whole());
        if ($trinomial === null) {
            return [Difficulty::Longer];
        }

        return self::found($this->own($trinomial, $seen) + [
            Difficulty::Minus->value => $trinomial->b < 0,
            Difficulty::OppositeSigns->value => $trinomial->c < 0,
            Difficulty::CommonFactor->value => !$trinomial->common->isOne(),
            Difficulty::LeadingMinus->value => $trinomial->common->negative,
            Difficulty::TwoLetters->value => $trinomial->second !== null,
            Difficulty::ZeroMiddle->value => $trinomial->b === 0,
            Difficulty::SquareTrinomial->value => $trinomial->discriminant() === 0,
            Difficulty::Prime->value => $trinomial->isPrime(),
        ]);
    }

    /** @return array<string, bool> by the difficulty's name */
    abstract protected function own(Trinomial $trinomial, Seen $seen): array;
}
