<?php

declare(strict_types=1);

namespace Runel\Problem\Recognition;

use Runel\Expression\Equation;
use Runel\Problem\Job;
use Runel\Problem\Reading;

/** A quadratic in a sum, with nothing but a number in front; or one in an equation. */
final readonly class Factoring implements Recogniser
{
    public function job(): Job
    {
        return Job::Factor;
    }

    public function weight(Reading $reading): int
    {
        return match (true) {
            $reading->polynomial?->degree() !== 2 || $reading->isAboutForm() => self::NOT,
            $reading->node instanceof Equation => \count($reading->letters) === 1 ? self::POSSIBLE : self::NOT,
            default => $reading->product === null || $reading->product->isScaled() ? self::FIRST : self::NOT,
        };
    }
}
