<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Expression\Equation;
use Runel\Method\Weight;
use Runel\Problem\Problem;

/** An equation in a single letter. */
final class SolveRecogniser
{
    public static function weight(Problem $problem): int
    {
        return $problem->node instanceof Equation && !$problem->isAboutForm() && $problem->letter() !== null
            ? Weight::FIRST
            : Weight::NOT;
    }
}
