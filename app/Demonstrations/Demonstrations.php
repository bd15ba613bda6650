<?php

declare(strict_types=1);

namespace App\Demonstrations;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Offer;
use Runel\Problem\Problem;

/** The application's one way to demonstrations. */
final readonly class Demonstrations
{
    public function __construct(private Catalogue $catalogue) {}

    /** @throws Refusal with the reason */
    public function of(Task $task, ?string $job = null, ?string $method = null): Demonstration
    {
        return $this->catalogue->demonstrate($task, $job, $method);
    }

    /**
     * The ids of the jobs a problem has, the most likely one first.
     *
     * @return non-empty-list<string>
     *
     * @throws Refusal where there is nothing to do with it
     */
    public function jobs(Problem $problem): array
    {
        return $this->catalogue->families->ofProblem($problem);
    }

    /** @return list<Offer> */
    public function offers(Task $task): array
    {
        return $this->catalogue->offers($task);
    }
}
