<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Problem\Job;
use Runel\Problem\Reading;
use Runel\Problem\Recogniser;

/** One polynomial over another. */
final readonly class DivideRecogniser implements Recogniser
{
    public function job(): Job
    {
        return Job::Divide;
    }

    public function weight(Reading $reading): int
    {
        if (Reading::quotient($reading->node) === null) {
            return self::NOT;
        }

        // Over a number it is one polynomial as well, with fractions for coefficients.
        return $reading->polynomial === null ? self::POSSIBLE : self::ALSO;
    }
}
