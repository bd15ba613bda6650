<?php

declare(strict_types=1);

namespace Runel\Problem\Recognition;

use Runel\Expression\Quotient;
use Runel\Problem\Job;
use Runel\Problem\Reading;

/** One polynomial over another. */
final readonly class Dividing implements Recogniser
{
    public function job(): Job
    {
        return Job::Divide;
    }

    public function weight(Reading $reading): int
    {
        return $reading->node instanceof Quotient && $reading->polynomial === null ? self::POSSIBLE : self::NOT;
    }
}
