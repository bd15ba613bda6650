<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Expression\Equation;
use Runel\Problem\Job;
use Runel\Problem\Reading;
use Runel\Problem\Recogniser;

/** A formula in several letters, or one with the letter named that is wanted. */
final readonly class RearrangeRecogniser implements Recogniser
{
    public function job(): Job
    {
        return Job::Rearrange;
    }

    public function weight(Reading $reading): int
    {
        return match (true) {
            !$reading->node instanceof Equation || $reading->namesCoefficients() => self::NOT,
            $reading->subject !== null => self::CERTAIN,
            default => \count($reading->letters) > 1 ? self::POSSIBLE : self::NOT,
        };
    }
}
