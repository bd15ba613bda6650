<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\LetteredQuadratic;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Method\Weight;
use Runel\Problem\Problem;

/** An equation in a single letter, or a quadratic in one of several. */
final class SolveRecogniser
{
    public static function weight(Problem $problem): int
    {
        if (!$problem->node instanceof Equation) {
            return Weight::NOT;
        }
        if (!$problem->isAboutForm() && $problem->letter() !== null) {
            return Weight::FIRST;
        }
        if ($problem->namesCoefficients() || LetteredQuadratic::ofProblem($problem) === null) {
            return Weight::NOT;
        }
        // What stands alone is what the formula says; then another letter is to be its subject.
        $isFormula = $problem->node->left instanceof Letter || $problem->node->right instanceof Letter;

        return match (true) {
            $problem->subject === null => Weight::ALSO,
            $isFormula => Weight::POSSIBLE,
            default => Weight::CERTAIN,
        };
    }
}
