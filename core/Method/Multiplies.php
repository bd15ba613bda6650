<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Polynomial\Polynomial;

/** Can multiply factors as a part of other work. */
interface Multiplies
{
    /**
     * @param list<Polynomial> $factors two or more
     *
     * @return list<Section>|null null where this way does not fit them
     */
    public function multiplying(array $factors, Task $task): ?array;
}
