<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Expression\Equation;
use Runel\Method\Weight;
use Runel\Problem\Problem;

/** A formula in several letters, or one with the letter named that is wanted. */
final class RearrangeRecogniser
{
    public static function weight(Problem $problem): int
    {
        return match (true) {
            !$problem->node instanceof Equation || $problem->namesCoefficients() => Weight::NOT,
            $problem->subject !== null => Weight::CERTAIN,
            default => \count($problem->letters) > 1 ? Weight::POSSIBLE : Weight::NOT,
        };
    }
}
