<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Expression\Quotient;
use Runel\Method\Weight;
use Runel\Problem\Problem;
use Runel\Sentence\Asked;

/** One polynomial over another. */
final class DivideRecogniser
{
    public static function weight(Problem $problem): int
    {
        if ($problem->quotient() === null) {
            return Weight::NOT;
        }

        if ($problem->asked->job === Asked::SHOW && $problem->node instanceof Quotient) {
            return Weight::ASKED;
        }

        // Over a number it is one polynomial as well, with fractions for coefficients.
        return $problem->polynomial === null ? Weight::POSSIBLE : Weight::ALSO;
    }
}
