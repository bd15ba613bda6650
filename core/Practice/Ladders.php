<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Job\CompleteSquare\Ladder\SquareVertexLadder;
use Runel\Job\Divide\Ladder\DivideLinearLadder;
use Runel\Job\Divide\Ladder\DivideLongLadder;
use Runel\Job\Factor\Ladder\FactorLeadingLadder;
use Runel\Job\Factor\Ladder\FactorMonicLadder;
use Runel\Job\Factor\Ladder\FactorSpecialLadder;
use Runel\Job\Multiply\Ladder\MultiplyBinomialsLadder;
use Runel\Job\Multiply\Ladder\MultiplyLongLadder;
use Runel\Job\Multiply\Ladder\MultiplySpecialLadder;
use Runel\Job\Multiply\Ladder\MultiplyThreeLadder;
use Runel\Job\Rearrange\Ladder\FormulasLadder;
use Runel\Job\Solve\Ladder\LinearLadder;
use Runel\Job\Solve\Ladder\RootEquationsLadder;
use Runel\Job\Solve\Ladder\RootsRationalLadder;
use Runel\Job\Solve\Ladder\SquareSolveLadder;
use Runel\Ladder\Ladder;
use Runel\Ladder\Skill;

/** Every skill's ladder. */
final class Ladders
{
    /** @return list<Ladder> in the order in which they are taught */
    public static function all(): array
    {
        return array_map(self::of(...), Skill::cases());
    }

    public static function of(Skill $skill): Ladder
    {
        return match ($skill) {
            Skill::MultiplyBinomials => new MultiplyBinomialsLadder(),
            Skill::MultiplyLong => new MultiplyLongLadder(),
            Skill::MultiplyThree => new MultiplyThreeLadder(),
            Skill::MultiplySpecial => new MultiplySpecialLadder(),
            Skill::FactorMonic => new FactorMonicLadder(),
            Skill::FactorLeading => new FactorLeadingLadder(),
            Skill::FactorSpecial => new FactorSpecialLadder(),
            Skill::SquareSolve => new SquareSolveLadder(),
            Skill::SquareVertex => new SquareVertexLadder(),
            Skill::DivideLinear => new DivideLinearLadder(),
            Skill::DivideLong => new DivideLongLadder(),
            Skill::RootsRational => new RootsRationalLadder(),
            Skill::Linear => new LinearLadder(),
            Skill::Formulas => new FormulasLadder(),
            Skill::RootEquations => new RootEquationsLadder(),
        };
    }
}
