<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** What a step is there for, where others have to know it. */
enum Role
{
    /** It carries the work on. */
    case Work;
    /** It says what is there before anything is done. */
    case Reading;
    /** It takes a common factor or a minus out first. */
    case TakingOut;
    /** It tries, or passes over, one of the things a hunt has to look at. */
    case Trial;
    /** It leaves a root alone on its side. */
    case Isolating;
    /** It squares both sides. */
    case Squaring;
    /** It leaves room for a guess, before any method. */
    case Guessing;
    /** It gathers the solutions. */
    case Gathering;
}
