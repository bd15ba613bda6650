<?php

declare(strict_types=1);

namespace Runel\Parsing;

/** The kinds of pieces the reader knows. */
enum LexemeKind
{
    case Number;
    case Letter;
    /** + - * / ^ = after all their spellings have been made one */
    case Operator;
    case Open;
    case Close;
    /** √, ∛, ∜, sqrt, cbrt, root(n, or \sqrt */
    case Root;
    /** \frac */
    case Fraction;
    case End;
}
