<?php

declare(strict_types=1);

namespace App\Board;

use Runel\Demonstration\Check;
use Runel\Demonstration\Step;

/** One place where a board can stand still: a step, or a check after the last step. */
final readonly class Stop
{
    /**
     * @param int $number from 1
     * @param int $group  the section it belongs to, from 0; the checks are the last
     */
    public function __construct(public int $number, public int $group, public Step|Check $content) {}
}
