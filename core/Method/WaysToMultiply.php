<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;

/** Can multiply back what other work has taken apart. */
interface WaysToMultiply
{
    /** @return list<Multiplies> the tutor's favourite first */
    public function checking(Task $task): array;
}
