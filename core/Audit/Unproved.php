<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Demonstration\Demonstration;

/** The audit found something that does not follow. The demonstration is never shown. */
final class Unproved extends \LogicException
{
    /** @param non-empty-list<string> $faults what is wrong, in plain words for the log */
    public function __construct(public readonly Demonstration $demonstration, public readonly array $faults)
    {
        parent::__construct(
            $demonstration->method . ' on ' . $demonstration->task->problem->source . ': ' . implode('; ', $faults),
        );
    }
}
