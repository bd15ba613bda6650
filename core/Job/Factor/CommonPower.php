<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Working\Outer;

/** A letter in both terms: once it is taken out, one power and a number are left, as in 3x⁴ − 48x. */
final class CommonPower extends SpecialStructure
{
    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $isPower = \count($rest->terms) === 2 && \count($rest->letters()) === 1 && $rest->degree() > 2
            && $rest->terms[1]->monomial->degree === 0;

        // Its root is taken: what it may split into is not wanted.
        return $isPower ? new SeenStructure([], [$rest], Message::of('structure.common.advice'), isLast: true) : null;
    }
}
