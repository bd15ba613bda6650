<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;
use Runel\Problem\Job;

/** All ways to do one job. */
interface Family
{
    public function job(): Job;

    /** @return list<Method> in the order in which they are offered when nothing else decides */
    public function methods(): array;

    /**
     * Where an offer stands among those that fit: the smaller comes first, compared number by number.
     *
     * @return list<int>
     */
    public function rank(Offer $offer, Task $task): array;

    /** @return list<Choice> what the tutor can choose about this job */
    public function choices(): array;
}
