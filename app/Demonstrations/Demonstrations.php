<?php

declare(strict_types=1);

namespace App\Demonstrations;

use Illuminate\Contracts\Foundation\Application;
use Psr\Log\LoggerInterface;
use Runel\Audit\Unproved;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Offer;

/** The application's one way to demonstrations. What the audit rejects is logged and honestly refused. */
final readonly class Demonstrations
{
    public function __construct(private Catalogue $catalogue, private Application $application) {}

    /** @throws Refusal with the reason */
    public function of(Task $task, ?string $job = null, ?string $method = null): Demonstration
    {
        try {
            return $this->catalogue->demonstrate($task, $job, $method);
        } catch (Unproved $unproved) {
            $this->application->make(LoggerInterface::class)->error('The audit rejected a demonstration.', ['problem' => $task->problem->source, 'method' => $unproved->demonstration->method, 'style' => $task->style->chosen(), 'faults' => \array_slice($unproved->faults, 0, 5)]);

            throw new OutOfReach(Message::of('error.unproved'));
        }
    }

    /** @return list<Offer> */
    public function offers(Task $task): array
    {
        return $this->catalogue->offers($task);
    }
}
