<?php

declare(strict_types=1);

namespace Runel\Problem\Recognition;

use Runel\Expression\Equation;
use Runel\Problem\Job;
use Runel\Problem\Reading;

/** Brackets side by side; or a product to be shown equal to a form that names its coefficients. */
final readonly class Multiplying implements Recogniser
{
    public function job(): Job
    {
        return Job::Multiply;
    }

    public function weight(Reading $reading): int
    {
        return match (true) {
            $reading->namesCoefficients() => self::CERTAIN,
            $reading->node instanceof Equation || $reading->product === null => self::NOT,
            default => self::LIKELY,
        };
    }
}
