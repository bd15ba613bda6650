<?php

declare(strict_types=1);

namespace Runel\Job\Divide\Ladder;

use Runel\Job\Divide\DivideFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** What the ladders of dividing have in common: made backwards, divisor times quotient plus remainder. */
abstract class DividingLadder extends Ladder
{
    /** The largest number in a dividend that is still worked in the head. */
    private const LARGEST = 99;

    final public function job(): string
    {
        return DivideFamily::JOB;
    }

    /** @return non-empty-list<int> coefficients, the leading one first */
    abstract protected function divisor(Rung $rung, Throws $throws): array;

    /** @return non-empty-list<int> coefficients, the leading one first */
    abstract protected function quotient(Rung $rung, Throws $throws): array;

    final public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        $divisor = $this->divisor($rung, $throws);
        $dividend = Written::product($divisor, $this->quotient($rung, $throws));
        $last = \count($dividend) - 1;
        if ($rung->has(Difficulty::Remainder)) {
            for ($power = 0; $power < \count($divisor) - 1; ++$power) {
                $dividend[$last - $power] += $throws->signed(1, 9);
            }
        }
        $hasGap = \in_array(0, $dividend, true);
        $dividend = array_values($dividend);
        if (max([0, ...array_map(abs(...), $dividend)]) > self::LARGEST || $hasGap !== $rung->has(Difficulty::Gap)) {
            return null;
        }

        return '(' . Written::polynomial($letter, $dividend) . ')/(' . Written::polynomial($letter, $divisor) . ')';
    }

    final public function traits(Seen $seen): array
    {
        $parts = $seen->sides();
        if (\count($parts) !== 2) {
            return [Difficulty::Longer];
        }
        [$dividend, $divisor] = $parts;
        $remainder = $seen->demonstration->answer->remainder();
        $left = $remainder === null ? null : Polynomial::tryFrom($remainder);

        return self::found([
            Difficulty::Minus->value => Seen::hasMinus($dividend) || Seen::hasMinus($divisor),
            // A quotient of degree 1 is the least that is any work.
            Difficulty::HigherPower->value => $dividend->degree() > $divisor->degree() + 1,
            Difficulty::Remainder->value => $left === null || !$left->isZero(),
            Difficulty::Gap->value => Seen::hasGap($dividend),
            Difficulty::LeadingNumber->value => !$divisor->terms[0]->coefficient->isOne(),
            Difficulty::ZeroMiddle->value => Seen::hasGap($divisor),
            Difficulty::CommonFactor->value => !$divisor->content()->isOne(),
            Difficulty::ZeroEnd->value => $dividend->coefficient($dividend->letters()[0] ?? '', 0)->isZero(),
            Difficulty::LeadingMinus->value => $dividend->terms[0]->coefficient->isNegative(),
            Difficulty::Fraction->value => $seen->demonstration->forecast->fractions
                && $divisor->terms[0]->coefficient->isOne(),
        ]);
    }
}
