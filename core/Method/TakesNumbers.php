<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Problem\Problem;

/** A job that some problems have in which no letter stands. */
interface TakesNumbers
{
    /** How likely the job is meant by a problem without letters, one of the constants of Weight. */
    public function weightOfNumbers(Problem $problem): int;
}
