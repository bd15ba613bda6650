<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Negative;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Of two terms the second is taken off instead of added, or the other way round. */
final readonly class SecondTermRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if (!$line instanceof Sum || \count($line->terms) !== 2) {
            return;
        }
        [$first, $second] = $line->terms;
        if ($second instanceof Negative) {
            yield Sum::of([$first, $second->operand]);
        } elseif ($this->slip !== Slip::MinusNotCarried) {
            yield Sum::of([$first, new Negative($second)]);
        }
    }
}
