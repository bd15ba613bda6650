<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** The ways an answer is checked. */
enum CheckKind: string
{
    case SolvedBack = 'solved-back';
    case MultiplyBack = 'multiply-back';
    case CoefficientSum = 'coefficient-sum';
    case Ten = 'ten';
    case Substitution = 'substitution';
    case Edges = 'edges';
    case Discriminant = 'discriminant';
    case SumAndProduct = 'sum-and-product';
    case RemainderTheorem = 'remainder-theorem';
    case Expanded = 'expanded';
}
