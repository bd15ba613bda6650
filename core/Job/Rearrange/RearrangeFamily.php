<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Demonstration\Task;
use Runel\Method\Family;
use Runel\Method\Offer;
use Runel\Problem\Job;

/** The way to change the subject of a formula. */
final class RearrangeFamily implements Family
{
    public function job(): Job
    {
        return Job::Rearrange;
    }

    public function methods(): array
    {
        return [new FormulaBalance()];
    }

    public function rank(Offer $offer, Task $task): array
    {
        return [0];
    }

    public function choices(): array
    {
        return [];
    }
}
