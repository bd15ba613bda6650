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
use Runel\Ladder\Written;

/** Four terms in pairs: a cubic with a linear and a quadratic factor, then two letters. */
final class FactorGroupingLadder extends Ladder
{
    /** No squares: a square less such a number has no factors of its own. */
    private const LAST = [2, 3, 5, 6, 7];

    public function skill(): string
    {
        return 'factor-grouping';
    }

    public function job(): string
    {
        return FactorFamily::JOB;
    }

    public function method(): string
    {
        return 'grouping';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::LeadingNumber, Difficulty::TwoLetters];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $sign = fn(): int => $rung->has(Difficulty::Minus) ? $throws->sign() : 1;
        $m = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 5) : 1;
        $r = $throws->size(1, 7) * $sign();
        $s = $throws->one(self::LAST) * $sign();
        if (!$rung->has(Difficulty::TwoLetters)) {
            return Written::polynomial($throws->letter(), Written::product([$m, $r], [1, 0, $s]));
        }
        [$letter, $second] = $throws->twoLetters();
        $term = static fn(int $number, string $after): string => ($number < 0 ? ' - ' : ' + ')
            . Written::front(abs($number)) . $after;

        return Written::front($m) . $letter . $second . $term($m * $s, $letter) . $term($r, $second)
            . Written::more($r * $s);
    }

    public function traits(Seen $seen): array
    {
        $whole = $seen->whole();
        $common = $whole->isZero() ? null : CommonTerm::of($whole);

        return $common === null || \count($whole->terms) !== 4 ? [Difficulty::Longer] : self::found([
            Difficulty::Minus->value => Seen::hasMinus($whole),
            Difficulty::LeadingNumber->value => !$whole->terms[0]->coefficient->isOne(),
            Difficulty::TwoLetters->value => \count($whole->letters()) > 1,
            Difficulty::CommonFactor->value => !$common->isOne(),
        ]);
    }
}
