<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Practice\Ladder\DivideLinear;
use Runel\Practice\Ladder\DivideLong;
use Runel\Practice\Ladder\FactorLeading;
use Runel\Practice\Ladder\FactorMonic;
use Runel\Practice\Ladder\FactorSpecial;
use Runel\Practice\Ladder\Formulas;
use Runel\Practice\Ladder\Linear;
use Runel\Practice\Ladder\MultiplyBinomials;
use Runel\Practice\Ladder\MultiplyLong;
use Runel\Practice\Ladder\MultiplySpecial;
use Runel\Practice\Ladder\MultiplyThree;
use Runel\Practice\Ladder\RootEquations;
use Runel\Practice\Ladder\RootsRational;
use Runel\Practice\Ladder\SquareSolve;
use Runel\Practice\Ladder\SquareVertex;

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
            Skill::MultiplyBinomials => new MultiplyBinomials(),
            Skill::MultiplyLong => new MultiplyLong(),
            Skill::MultiplyThree => new MultiplyThree(),
            Skill::MultiplySpecial => new MultiplySpecial(),
            Skill::FactorMonic => new FactorMonic(),
            Skill::FactorLeading => new FactorLeading(),
            Skill::FactorSpecial => new FactorSpecial(),
            Skill::SquareSolve => new SquareSolve(),
            Skill::SquareVertex => new SquareVertex(),
            Skill::DivideLinear => new DivideLinear(),
            Skill::DivideLong => new DivideLong(),
            Skill::RootsRational => new RootsRational(),
            Skill::Linear => new Linear(),
            Skill::Formulas => new Formulas(),
            Skill::RootEquations => new RootEquations(),
        };
    }
}
