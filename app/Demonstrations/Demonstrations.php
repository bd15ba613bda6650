<?php

declare(strict_types=1);

namespace App\Demonstrations;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Offer;

/** The application's one way to demonstrations. */
final readonly class Demonstrations
{
    public function __construct(private Catalogue $catalogue) {}

    /** @throws Refusal with the reason */
    public function of(Task $task, ?string $job = null, ?string $method = null): Demonstration
    {
        return $this->catalogue->demonstrate($task, $job, $method);
    }

    /** @return list<Offer> */
    public function offers(Task $task): array
    {
        return $this->catalogue->offers($task);
    }
}
