<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Expression\Equation;
use Runel\Problem\Job;
use Runel\Problem\Reading;
use Runel\Problem\Recogniser;

/** An equation in a single letter. */
final readonly class SolveRecogniser implements Recogniser
{
    public function job(): Job
    {
        return Job::Solve;
    }

    public function weight(Reading $reading): int
    {
        return $reading->node instanceof Equation && !$reading->isAboutForm() && \count($reading->letters) === 1
            ? self::FIRST
            : self::NOT;
    }
}
