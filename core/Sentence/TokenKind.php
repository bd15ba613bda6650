<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** What a piece of a sentence is. */
enum TokenKind
{
    case Word;
    /** a run of mathematics, with the spaces in it */
    case Maths;
    /** a comma, a colon, a full stop or the like */
    case Mark;
}
