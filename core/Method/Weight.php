<?php

declare(strict_types=1);

namespace Runel\Method;

/** How likely a job is meant by a problem: the heavier comes first. */
final class Weight
{
    public const NOT = 0;
    public const ALSO = 20;
    public const POSSIBLE = 40;
    public const LIKELY = 60;
    public const FIRST = 80;
    public const PLAIN = 90;
    public const CERTAIN = 100;
    /** the words around it say so */
    public const ASKED = 200;
}
