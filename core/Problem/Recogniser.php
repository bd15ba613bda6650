<?php

declare(strict_types=1);

namespace Runel\Problem;

/** Says whether what was typed asks for a job, and how likely that is meant: the heavier comes first. */
interface Recogniser
{
    public const NOT = 0;
    public const ALSO = 20;
    public const POSSIBLE = 40;
    public const LIKELY = 60;
    public const FIRST = 80;
    public const PLAIN = 90;
    public const CERTAIN = 100;

    public function job(): Job;

    public function weight(Reading $reading): int;
}
