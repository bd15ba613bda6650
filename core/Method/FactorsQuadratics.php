<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;

/** Can bring a quadratic, or what has a structure of its own, to a product as a part of other work. */
interface FactorsQuadratics extends Method
{
    public function factoring(Task $task): Factored;
}
