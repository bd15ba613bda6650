<?php

declare(strict_types=1);

namespace App\Demonstrations;

use Runel\Audit\Unproved;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Incidents;
use Runel\Method\Offer;

/**
 * The application's one way to demonstrations. What the audit rejects, or what fails, is logged and honestly refused.
 */
final readonly class Demonstrations
{
    public function __construct(private Catalogue $catalogue, private Incidents $incidents) {}

    /** @throws Refusal with the reason */
    public function of(Task $task, ?string $job = null, ?string $method = null): Demonstration
    {
        try {
            return $this->catalogue->demonstrate($task, $job, $method);
        } catch (Refusal $refusal) {
            throw $refusal;
        } catch (\Throwable $fault) {
            $this->incidents->note(
                $fault,
                $task,
                $fault instanceof Unproved ? $fault->demonstration->method : "$job.$method",
            );

            throw new OutOfReach(Message::of($fault instanceof Unproved ? 'error.unproved' : 'error.failed'));
        }
    }

    /** @return list<Offer> */
    public function offers(Task $task): array
    {
        return $this->catalogue->offers($task);
    }
}
