<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\LetteredQuadratic;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Method\Weight;
use Runel\Problem\Problem;

/** A formula in several letters, or one with the letter named that is wanted. */
final class RearrangeRecogniser
{
    public static function weight(Problem $problem): int
    {
        return match (true) {
            !$problem->node instanceof Equation || $problem->namesCoefficients() => Weight::NOT,
            $problem->subject !== null => self::isEquation($problem) ? Weight::LIKELY : Weight::CERTAIN,
            default => \count($problem->letters) > 1 ? Weight::POSSIBLE : Weight::NOT,
        };
    }

    /** Whether it is a quadratic to be solved rather than a formula that says what some letter is. */
    private static function isEquation(Problem $problem): bool
    {
        return $problem->node instanceof Equation
            && !$problem->node->left instanceof Letter
            && !$problem->node->right instanceof Letter
            && LetteredQuadratic::ofProblem($problem) !== null;
    }
}
