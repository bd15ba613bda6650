<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;
use Runel\Message\Refusal;

/** Can factor the quadratics that other work arrives at. */
interface WaysToFactor
{
    /** The standing choice of the way that is offered first. */
    public const FAVOURITE = 'favourite';

    /** @return list<FactorsQuadratics> those that fit a task, in the order in which they are tried */
    public function fitting(Task $task): array;

    /** @return list<FactorsQuadratics> those that see a structure in higher powers: four terms, cubes, squares */
    public function byStructure(Task $task): array;

    /** What keeps all of them from a task; null where nothing does. */
    public function hindrance(Task $task): ?Refusal;
}
