<?php

declare(strict_types=1);

namespace Runel\Ladder;

/** What can be practised; each has a ladder of rungs. */
enum Skill: string
{
    case MultiplyBinomials = 'multiply-binomials';
    case MultiplyLong = 'multiply-long';
    case MultiplyThree = 'multiply-three';
    case MultiplySpecial = 'multiply-special';
    case FactorMonic = 'factor-monic';
    case FactorLeading = 'factor-leading';
    case FactorSpecial = 'factor-special';
    case SquareSolve = 'square-solve';
    case SquareVertex = 'square-vertex';
    case DivideLinear = 'divide-linear';
    case DivideLong = 'divide-long';
    case RootsRational = 'roots-rational';
    case Linear = 'linear';
    case Formulas = 'formulas';
    case RootEquations = 'root-equations';
}
