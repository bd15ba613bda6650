<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Problem\Job;
use Runel\Problem\Reading;
use Runel\Problem\Recogniser;

/** A quadratic in one letter; or y equal to one. */
final readonly class CompleteSquareRecogniser implements Recogniser
{
    public function job(): Job
    {
        return Job::CompleteSquare;
    }

    public function weight(Reading $reading): int
    {
        if ($reading->polynomial?->degree() !== 2 || $reading->isAboutForm()) {
            return self::NOT;
        }
        $node = $reading->node;
        if ($node instanceof Equation && \count($reading->letters) === 2) {
            return $node->left instanceof Letter ? self::LIKELY : self::NOT;
        }
        $whole = $node instanceof Equation || $reading->product === null || $reading->product->isScaled();

        $named = $reading->isFunction && $reading->product === null;

        return $whole && \count($reading->letters) === 1 ? ($named ? self::CERTAIN : self::ALSO) : self::NOT;
    }
}
