<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A division is given without its remainder, or with the remainder not over the divisor. */
final class RemainderRule implements WrongRule
{
    public function slip(): Slip
    {
        return Slip::RemainderLeftOut;
    }

    public function wrong(Node $line): iterable
    {
        if (!$line instanceof Quotient) {
            return;
        }
        [$above, $below] = [Polynomial::tryFrom($line->numerator), Polynomial::tryFrom($line->denominator)];
        $letters = $below?->letters() ?? [];
        if ($above === null || $below === null || \count($letters) !== 1 || $above->letters() !== $letters) {
            return;
        }
        [$quotient, $rest] = $above->over($below, $letters[0]);
        if (!$rest->isZero()) {
            yield $quotient->toExpression();
            yield Sum::of([...$quotient->expressions(), ...$rest->expressions()]);
        }
    }
}
