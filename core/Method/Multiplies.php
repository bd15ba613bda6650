<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;
use Runel\Polynomial\Polynomial;

/** Can multiply factors as a part of other work. */
interface Multiplies
{
    /**
     * @param list<Polynomial> $factors two or more
     *
     * @return SideWork|null null where this way does not fit them
     */
    public function sideWork(array $factors, Task $task): ?SideWork;
}
