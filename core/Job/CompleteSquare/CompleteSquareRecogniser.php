<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Algebra\LetteredQuadratic;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Method\Weight;
use Runel\Problem\Problem;

/** A quadratic in one letter, others standing for numbers or none; or y equal to one. */
final class CompleteSquareRecogniser
{
    public static function weight(Problem $problem): int
    {
        $node = $problem->node;
        if ($problem->namesCoefficients()) {
            return Weight::NOT;
        }
        $isLettered = \count($problem->letters) > 1
            && (LetteredQuadratic::ofProblem($problem) ?? Vertex::withLetters($problem)) !== null;
        if ($isLettered) {
            return $problem->function !== null && $problem->product === null ? Weight::CERTAIN : Weight::ALSO;
        }
        if ($problem->polynomial?->degree() !== 2 || $problem->isAboutForm()) {
            return Weight::NOT;
        }
        if ($node instanceof Equation && \count($problem->letters) === 2 && !$problem->holdsPi()) {
            return $node->left instanceof Letter ? Weight::LIKELY : Weight::NOT;
        }
        $whole = $node instanceof Equation || $problem->product === null || $problem->product->isScaled();

        $named = $problem->function !== null && $problem->product === null;

        return $whole && $problem->letter() !== null ? ($named ? Weight::CERTAIN : Weight::ALSO) : Weight::NOT;
    }
}
