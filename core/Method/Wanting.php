<?php

declare(strict_types=1);

namespace Runel\Method;

/** What is missing where a learner's last line does not finish the job. */
enum Wanting: string
{
    case Lines = 'no-lines';
    case Truth = 'wrong-line';
    case Factored = 'not-factored-completely';
    case Collected = 'not-collected';
    case LowestTerms = 'not-lowest-terms';
    case Root = 'root-not-simplified';
    case Extraneous = 'extraneous-kept';
    case RootLost = 'root-lost';
    case UnknownAlone = 'unknown-not-alone';
    case Remainder = 'remainder-left-out';
    case Square = 'not-a-square';
    case BothSides = 'sides-not-met';
    case Rounded = 'not-rounded';
    /** What the last line says is not known. */
    case Judged = 'not-judged';
}
