<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** An operation sign. */
enum Sign: string implements Box
{
    case Plus = 'plus';
    case Minus = 'minus';
    /** a minus that belongs to what follows, as in −3 */
    case Opposite = 'opposite';
    case Dot = 'dot';
    case Cross = 'cross';
    /** multiplication written by standing side by side */
    case Beside = 'beside';
    /** plus or minus between two terms */
    case PlusMinus = 'plus-minus';
    /** plus or minus before what follows */
    case EitherSign = 'either-sign';
    case Equals = 'equals';
}
